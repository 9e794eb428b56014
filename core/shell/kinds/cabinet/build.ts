import { FACES, type FaceId } from "../../../design/names";
import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { FOUND_MATERIALS, foundFace } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { newDam } from "../../dam/create";
import { standDam } from "../../dam/stand";
import type { Rect } from "../../faces";
import { edgeGap, meetingGap } from "../../found/doors";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { FoundDoors, FoundGap, Shell, Solid, Strip } from "../../shell";
import type { Size3 } from "../../size";
import { boxSeams } from "../boxSeams";
import { outsideInputs, outsideOf } from "../outside";
import type { CabinetShell } from "./schema";
import { layTray, reusableShelves } from "./tray";

/** Ways out a cabinet comes with: between and round its doors, and through holes nobody plugged. */
function foundGaps({ doors, holes }: CabinetShell["found"], opening: Rect): FoundGap[] {
  const slides = doors.opens === "slide";
  return [
    ...(doors.leaves === 2 ? [meetingGap("front", opening, doors.meetingGap, slides)] : []),
    edgeGap("front", opening, doors.edgeGap, slides),
    ...(holes.count > 0 && !holes.plugged
      ? [
          {
            ...{ id: "hardware", label: "hardware holes", face: "back" as const },
            way: { kind: "round" as const, diameterMm: holes.dia.value },
            ...{ seat: "hole" as const, lengthMm: holes.count * holes.dia.value, acrossMm: holes.dia.value },
            ...{ pieces: holes.count, at: [], air: [] },
            cover: "nothing yet: plug them",
            mend: { label: "Plug the holes", sets: [{ path: "/shell/found/holes/plugged", value: true }] },
          },
        ]
      : []),
  ];
}

/** The leaves of its doors: side by side, or two that pass one another. */
function foundDoors({ doors, faces }: CabinetShell["found"], opening: Rect): FoundDoors {
  const { material, thickness } = faces.front;
  const half = opening.widthMm / doors.leaves;
  return {
    opens: doors.opens,
    leaves: Array.from({ length: doors.leaves }, (_, i) => ({
      ...opening,
      uMm: opening.uMm + i * half,
      widthMm: half,
    })),
    thicknessMm: thickness.value,
    kg: (opening.widthMm * opening.heightMm * thickness.value * FOUND_MATERIALS[material].density.value) / 1e9,
    solid: "face/front",
  };
}

/** A fixed board or pane under the doors, as a strip in the plane of the front. */
function belowDoors({ below }: CabinetShell["found"], inside: Size3): Strip | null {
  if (!below.height) return null;
  return {
    ...{ id: "below-doors", role: "dam", label: "Board below the doors", found: true },
    material: foundFace(below.material, below.thickness.value),
    backMm: -below.thickness.value,
    ...{ uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: below.height.value },
  };
}

/** Shelves that a dam or a second floor is made of, one of each. */
const givenUp = ({ dam, floor }: CabinetShell): ReadonlySet<string> =>
  new Set([dam, floor].flatMap((of) => (of && of.source.of !== "bought" ? [of.source.shelf] : [])));

/** A cabinet as it will stand, with its tray. */
export function buildCabinet({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as CabinetShell;
  const { found } = shell;
  const t = (face: FaceId) => found.faces[face].thickness.value;
  const inside = {
    widthMm: found.width.value - t("left") - t("right"),
    depthMm: found.depth.value - t("front") - t("back"),
    heightMm: found.height.value - t("top") - t("base"),
  };
  const profile = boxProfile(inside);
  const tray = layTray(shell, inside);
  // A tray has a floor and a dam of its own.
  const own = standDam(tray ? { dam: null, floor: null } : shell, found.shelves, book, inside);
  const below = belowDoors(found, inside);
  const strips = [...(below ? [below] : []), ...own.strips];
  const damTopMm = tray?.heightMm ?? Math.max(0, ...strips.map((s) => s.vMm + s.heightMm));
  const frame = found.frame.value;
  const footMm = Math.max(frame, below?.heightMm ?? 0);
  const opening: Rect = {
    ...{ uMm: frame, vMm: footMm },
    ...{ widthMm: inside.widthMm - 2 * frame, heightMm: inside.heightMm - frame - footMm },
  };
  const stacked = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    ground,
    waterMm: seal.standingWater?.value,
    damMm: damTopMm,
  });
  const levels = below ? { ...stacked, openingLowMm: opening.vMm } : stacked;
  const faces = boxFaces(inside, (face) => foundFace(found.faces[face].material, t(face)), []);
  const given = givenUp(shell);
  const kept: Solid[] = found.shelves
    .filter((s) => s.use === "keep")
    .map((s) => ({ ...s, count: given.has(s.name) ? s.count - 1 : s.count }))
    .map((s, i) => ({
      id: `shelf/${i}`,
      label: s.name,
      kg:
        (s.width.value * s.depth.value * s.thickness.value * s.count * FOUND_MATERIALS[s.material].density.value) / 1e9,
      at: [inside.widthMm / 2, inside.depthMm / 2, inside.heightMm / 2],
    }));
  const trayKg = tray
    ? (tray.panes.reduce((sum, p) => sum + p.lengthMm * p.widthMm * p.qty, 0) * tray.glassMm * tray.densityKgPerM3) /
      1e9
    : 0;
  return {
    kind: "cabinet",
    words: "cabinet",
    inside,
    outside: outsideOf(found),
    legsMm: found.legs?.value ?? 0,
    underBasePath: null,
    baseHangs: false,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(width − sides) × (depth − back − doors) × (height − base − top)",
      inputs: [
        ...outsideInputs(found),
        ...FACES.map((face) => ({ name: FACE_WORDS[face].toLowerCase(), value: t(face), unit: "mm" })),
      ],
    },
    faces,
    strips,
    openings: [{ id: "front", face: "front", ...opening }],
    panels: own.panels,
    joints: [],
    // The doors' edges are gaps, not seams: the front takes no bead.
    seams: [
      ...(tray?.seams ?? []),
      ...own.seams,
      // Inside a tray, or over a second floor, the cabinet's own edges stay dry.
      ...boxSeams(inside, ["front"], strips, strips.length > 0 ? levels : { ...levels, damTopMm: 0 }).map((s) =>
        tray || (own.secondFloor && s.foot) ? { ...s, wet: false } : s,
      ),
    ],
    solids: [
      ...Object.values(faces).map((f) => faceSolid(f, FACE_WORDS[f.id])),
      ...kept,
      ...own.solids,
      ...(tray
        ? [
            {
              id: "tray",
              label: "Tray",
              kg: trayKg,
              at: [inside.widthMm / 2, inside.depthMm / 2, tray.heightMm / 4] as const,
            },
          ]
        : []),
    ],
    gaps: foundGaps(found, opening),
    doors: foundDoors(found, opening),
    held: {},
    lining: null,
    secondFloor: own.secondFloor,
    heldWalls: ["left", "right", "back"],
    tray: tray && {
      widthMm: tray.widthMm,
      depthMm: tray.depthMm,
      heightMm: tray.heightMm,
      glassMm: tray.glassMm,
    },
    reusable: reusableShelves(shell).map((s) => ({
      id: `shelf-${found.shelves.indexOf(s)}`,
      label: s.name,
      family: FOUND_MATERIALS[s.material].family,
      thicknessMm: s.thickness.value,
      widthMm: s.width.value,
      heightMm: s.depth.value,
      count: s.count,
    })),
    ownPanes: [...(tray?.panes ?? []), ...own.ownPanes],
    glassPanes: own.glassPanes,
    levels,
    damPath: shell.tray ? "/shell/tray/height" : "/shell/dam/height",
    // A whole shelf is as high as it is: a higher dam is another.
    damStart:
      shell.tray || (shell.dam && shell.dam.source.of !== "wholeShelf")
        ? null
        : { path: "/shell/dam", value: newDam(damTopMm) },
    insidePaths: null,
  };
}
