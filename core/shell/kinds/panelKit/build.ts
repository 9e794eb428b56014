import { FACES, type FaceId } from "../../../design/names";
import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { foundFace } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { newDam } from "../../dam/create";
import { standDam } from "../../dam/stand";
import { edgeGap, meetingGap } from "../../found/doors";
import { holesIn } from "../../found/holesGap";
import type { FoundDoors, FoundGap, PutUp, Shell, Solid, Strip } from "../../shell";
import { boxSeams } from "../boxSeams";
import { foundBox } from "../foundBox";
import { outsideInputs, outsideOf } from "../outside";
import { FASTENER } from "./fasteners";
import { workedOf } from "./margins";
import { doorOpening, doorPanels, faceStuff, footMm, headMm, insideOf, panelAt, panelKg, stuffAt } from "./measure";
import type { Place } from "./names";
import { PLACE } from "./places";
import type { KitFound as Found, PanelKitShell } from "./schema";

/** Faces that are a panel each. */
const PANEL_FACES: readonly FaceId[] = ["base", "top", "left", "right", "back"];

/** Strips of the front: the foot holds ground and water, the head carries the doors. */
function stripsOf(found: Found): Strip[] {
  const { widthMm, heightMm } = insideOf(found);
  const strip = (place: "foot" | "head", id: string, role: Strip["role"], high: number, vMm: number): Strip[] => {
    const { material, thicknessMm } = stuffAt(found, place);
    return high > 0
      ? [
          {
            ...{ id, role, label: place === "foot" ? "Foot of the front" : "Head of the front", found: true },
            material: foundFace(material, thicknessMm),
            ...{ uMm: 0, vMm, widthMm, heightMm: high },
          },
        ]
      : [];
  };
  return [
    ...strip("foot", "foot", "dam", footMm(found), 0),
    ...strip("head", "head", "headRail", headMm(found), heightMm - headMm(found)),
  ];
}

const hasDoors = (found: Found): boolean => found.doors.opens !== "none" && doorPanels(found).length > 0;

function doorsOf(found: Found): FoundDoors | null {
  const panels = doorPanels(found);
  if (!hasDoors(found)) return null;
  const opening = doorOpening(found);
  const widthMm = opening.widthMm / panels.length;
  return {
    opens: found.doors.opens === "slide" ? "slide" : "swing",
    leaves: panels.map((_, i) => ({ ...opening, uMm: opening.uMm + i * widthMm, widthMm })),
    thicknessMm: panels[0]!.thickness.value,
    kg: panels.reduce((sum, p) => sum + panelKg(p), 0),
    solid: "doors",
  };
}

function gapsOf(found: Found): FoundGap[] {
  const slides = found.doors.opens === "slide";
  const opening = doorOpening(found);
  const doors = hasDoors(found)
    ? [
        ...(doorPanels(found).length > 1 ? [meetingGap("front", opening, found.doors.meetingGap, slides)] : []),
        edgeGap("front", opening, found.doors.edgeGap, slides),
      ]
    : [];
  const { heightMm } = insideOf(found);
  return [
    ...doors,
    ...found.panels.flatMap(({ id, place, holes }) => {
      const { face, words } = PLACE[place];
      return face
        ? holesIn({ id: `holes-${id}`, label: `the holes in the ${words}`, face, topMm: heightMm }, holes)
        : [];
    }),
  ];
}

/** Where a panel has its middle, once it stands. */
function middleOf(found: Found, place: Place): Solid["at"] {
  const { widthMm: w, depthMm: d, heightMm: h } = insideOf(found);
  const opening = doorOpening(found);
  const at: Partial<Record<Place, Solid["at"]>> = {
    foot: [w / 2, 0, footMm(found) / 2],
    head: [w / 2, 0, h - headMm(found) / 2],
    doorLeft: [w / 4, 0, opening.vMm + opening.heightMm / 2],
    doorRight: [(3 * w) / 4, 0, opening.vMm + opening.heightMm / 2],
  };
  return at[place] ?? [w / 2, d / 2, h / 2];
}

/** What weighs of it: the box by its faces, strips, doors and bars by the list. */
function solidsOf(found: Found, faces: Shell["faces"]): Solid[] {
  const doorKg = doorPanels(found).reduce((sum, p) => sum + panelKg(p), 0);
  const { widthMm: w, depthMm: d, heightMm: h } = insideOf(found);
  return [
    ...PANEL_FACES.map((face) => faceSolid(faces[face], FACE_WORDS[face])),
    ...(["foot", "head"] as const).flatMap((place) => {
      const panel = panelAt(found, place);
      return panel
        ? [{ id: `front/${place}`, label: `Front, ${place}`, kg: panelKg(panel), at: middleOf(found, place) }]
        : [];
    }),
    ...(hasDoors(found) ? [{ id: "doors", label: "Doors", kg: doorKg, at: middleOf(found, "doorLeft") }] : []),
    ...(found.bars.count > 0
      ? [
          {
            ...{ id: "bars", label: "Frame bars", kg: found.bars.count * found.bars.kg.value },
            at: [w / 2, d / 2, h / 2] as const,
          },
        ]
      : []),
  ];
}

function putUpOf({ found, putUp }: PanelKitShell): PutUp {
  const fastener = FASTENER[found.fasteners.kind];
  return {
    ...{ school: putUp.school, schoolAt: "/shell/putUp/school" },
    panels: found.panels.map((panel) => {
      const { face, words } = PLACE[panel.place];
      return { id: panel.id, label: words, face, kg: panelKg(panel) };
    }),
    ...{
      held: fastener.many,
      fasteners: found.fasteners.count + found.fasteners.bought,
      uses: found.fasteners.bought > 0 ? [fastener.material] : [],
      toHand: fastener.toHand,
    },
    diagonalMm: Math.hypot(found.width.value, found.height.value),
  };
}

/** The box the kit makes, as it will stand. */
export function buildPanelKit({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as PanelKitShell;
  const { found } = shell;
  const inside = insideOf(found);
  const plain = boxFaces(
    inside,
    (face) => {
      const { material, thicknessMm } = faceStuff(found, face);
      return foundFace(material, thicknessMm);
    },
    ["front"],
  );
  const faces = Object.fromEntries(
    FACES.map((id) => {
      const face = plain[id];
      const flat = shell.putUp.school === "flat" && PANEL_FACES.includes(id);
      return [id, flat ? { ...face, flat: workedOf(shell, id, face.room) } : face];
    }),
  ) as Shell["faces"];
  const own = standDam(shell, [], book, inside);
  const strips = [...stripsOf(found), ...own.strips];
  const damTopMm = Math.max(0, footMm(found), own.topMm);
  const opening = doorOpening(found);
  const levels = {
    ...stackLevels({
      ...{ insideHeightMm: inside.heightMm, groundMm: shell.groundDepth?.value, ground },
      ...{ waterMm: seal.standingWater?.value, damMm: damTopMm },
    }),
    openingLowMm: opening.vMm,
    openingHighMm: opening.vMm + opening.heightMm,
  };
  const t = (face: FaceId) => faceStuff(found, face).thicknessMm;
  return {
    ...foundBox(
      "panelKit",
      {
        words: "kit of panels",
        inside,
        outside: outsideOf(found),
        faces,
        strips,
        openings: [{ id: "front", face: "front", ...opening }],
        seams: [...own.seams, ...boxSeams(inside, ["front"], strips, levels)],
        solids: [...solidsOf(found, faces), ...own.solids],
        gaps: gapsOf(found),
        doors: doorsOf(found),
        held: {},
        heldWalls: ["left", "right", "back"],
        levels,
        volumeWorking: {
          formula: "(width − sides) × (depth − back) × (height − base − top)",
          inputs: [
            ...outsideInputs(found),
            ...PANEL_FACES.map((face) => ({ name: FACE_WORDS[face].toLowerCase(), value: t(face), unit: "mm" })),
          ],
        },
        damPath: "/shell/dam/height",
        damStart: shell.dam ? null : { path: "/shell/dam", value: newDam(Math.max(60, damTopMm)) },
      },
      own,
    ),
    putUp: putUpOf(shell),
  };
}
