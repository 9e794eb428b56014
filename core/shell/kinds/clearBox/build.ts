import type { Variant } from "../../../document/schema";
import { levelSlot } from "../../../escape/airPath";
import { stackLevels } from "../../../levels/levels";
import { foundFace } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { newDam } from "../../dam/create";
import { standDam } from "../../dam/stand";
import { edgeGap, slotOf } from "../../found/doors";
import { holesGap } from "../../found/holesGap";
import type { FoundDoors, FoundGap, Opening, OwnHold, Shell, Strip } from "../../shell";
import { boxSeams } from "../boxSeams";
import { foundBox } from "../foundBox";
import { outsideInputs, outsideOf } from "../outside";
import { doorOpening, hasDoor, hasLid, insideOf, lidAcross } from "./measure";
import type { ClearBoxShell, ClearBoxFound as Found } from "./schema";

/** What holds a door or a lid shut of its own. */
function heldShut({ door, lid }: Found): Record<string, OwnHold> {
  const catches = {
    none: null,
    clip: { words: "a clip", firm: false },
    clipToFit: { words: "clips", firm: false },
    key: { words: "a key lock of its own", firm: true },
  };
  const byItself = {
    ...{ none: null, hinges: null, hingesToFit: null, hingeTape: null },
    magnets: { words: "its magnets", firm: false },
    grooves: { words: "its own weight in its grooves", firm: false },
  };
  const front = catches[door.catch] ?? byItself[door.is];
  const top =
    lid.is !== "slides"
      ? null
      : lid.home === "nothing"
        ? { words: "its grooves alone", firm: false }
        : { words: "a pin through its grooves", firm: true };
  return { ...(front && { front }), ...(top && { top }) };
}

/** Round the door, along the lid's grooves and at its free end, and through the holes it came with. */
function gapsOf(found: Found): FoundGap[] {
  const { door, lid, holes } = found;
  const inside = insideOf(found);
  const { widthMm, depthMm, heightMm } = inside;
  const slides = door.is === "grooves";
  // Two grooves, each as long as the box is deep; play over the lid's own thickness.
  const playMm = Math.max(0, lid.groove.value - lid.thickness.value);
  // A lid narrower than what it spans has slipped out of one groove, and leaves that beside it.
  const besideMm = Math.max(0, widthMm - lidAcross(found).isMm + lid.grooveDepth.value);
  const seat = { face: "top", opening: "top", seat: "slide", at: [] } as const;
  return [
    ...(hasDoor(found) ? [edgeGap("front", doorOpening(found), door.gap, slides)] : []),
    ...(lid.is === "slides"
      ? [
          {
            ...{ id: "lid-grooves", label: "along the lid's grooves", ...seat },
            way: { kind: "slot" as const, nominalMm: Math.max(playMm, besideMm) },
            ...{ lengthMm: 2 * depthMm, cover: "its grooves" },
            air: levelSlot(playMm, 2 * depthMm, heightMm),
          },
          {
            ...{ id: "lid-end", label: "at the lid's free end", ...seat },
            way: slotOf(lid.gap),
            ...{ lengthMm: widthMm, cover: "the lid, pushed home" },
            air: levelSlot(lid.gap.value, widthMm, heightMm),
          },
        ]
      : []),
    ...(lid.is === "lifts"
      ? [
          {
            ...{
              id: "lid",
              label: "round the lid",
              face: "top" as const,
              opening: "top",
              seat: "rim" as const,
              at: [],
            },
            way: slotOf(lid.gap),
            lengthMm: 2 * (widthMm + depthMm),
            air: levelSlot(lid.gap.value, 2 * (widthMm + depthMm), heightMm),
          },
        ]
      : []),
    ...holesGap(holes, heightMm),
  ];
}

/** The fixed part of the front under the door, in the front's own plane. */
function footStrip(found: Found): Strip[] {
  const heightMm = found.door.foot.value;
  if (!hasDoor(found) || heightMm <= 0) return [];
  return [
    {
      ...{ id: "foot", role: "dam", label: "Foot of the front", found: true },
      material: foundFace(found.plastic, found.wall.value),
      backMm: -found.wall.value,
      ...{ uMm: 0, vMm: 0, widthMm: insideOf(found).widthMm, heightMm },
    },
  ];
}

function doorsOf(found: Found, kgPerMm2: number): FoundDoors | null {
  if (!hasDoor(found)) return null;
  const leaf = doorOpening(found);
  return {
    opens: found.door.is === "grooves" ? "slide" : "swing",
    leaves: [leaf],
    thicknessMm: found.wall.value,
    kg: leaf.widthMm * leaf.heightMm * kgPerMm2,
    solid: "face/front",
  };
}

/** The box as it stands, its door and lid shut. */
export function buildClearBox({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as ClearBoxShell;
  const { found } = shell;
  const inside = insideOf(found);
  const t = found.wall.value;
  const wall = foundFace(found.plastic, t);
  const lid = foundFace(found.plastic, found.lid.is === "fixed" ? t : found.lid.thickness.value);
  const faces = boxFaces(inside, (face) => (face === "top" ? lid : wall), []);
  const own = standDam(shell, [], book, inside);
  const strips = [...footStrip(found), ...own.strips];
  // Without a door its walls hold water all round.
  const damTopMm = hasDoor(found) ? Math.max(0, ...strips.map((s) => s.vMm + s.heightMm)) : inside.heightMm;
  const stacked = stackLevels({
    ...{ insideHeightMm: inside.heightMm, groundMm: shell.groundDepth?.value, ground },
    ...{ waterMm: seal.standingWater?.value, damMm: damTopMm },
  });
  const front: Opening = { id: "front", face: "front", ...doorOpening(found) };
  const top: Opening = { id: "top", face: "top", uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: inside.depthMm };
  const levels = hasDoor(found) ? { ...stacked, openingLowMm: front.vMm } : stacked;
  const openings = [...(hasDoor(found) ? [front] : []), ...(hasLid(found) ? [top] : [])];
  const shut = [...(hasDoor(found) ? ["front" as const] : []), ...(hasLid(found) ? ["top" as const] : [])];
  return foundBox(
    "clearBox",
    {
      words: "clear box",
      inside,
      outside: outsideOf(found),
      faces,
      strips,
      openings: [openings[0] ?? top, ...openings.slice(1)],
      seams: [...own.seams, ...boxSeams(inside, shut, strips, levels, true)],
      solids: [
        ...Object.values(faces).map((f) => faceSolid(f, f.id === "top" && hasLid(found) ? "Lid" : FACE_WORDS[f.id])),
        ...own.solids,
      ],
      gaps: gapsOf(found),
      doors: doorsOf(found, (t * wall.densityKgPerM3.value) / 1e9),
      held: heldShut(found),
      heldWalls: found.lid.is === "fixed" ? ["left", "right", "back"] : [],
      levels,
      volumeWorking: {
        formula: "(width − 2 walls) × (depth − 2 walls) × (height − base − top)",
        inputs: [
          ...outsideInputs(found),
          { name: "wall", value: t, unit: "mm" },
          { name: hasLid(found) ? "lid" : "top", value: lid.thicknessMm, unit: "mm" },
        ],
      },
      damPath: "/shell/dam/height",
      damStart: shell.dam ? null : { path: "/shell/dam", value: newDam(hasDoor(found) ? damTopMm : 60) },
    },
    own,
  );
}
