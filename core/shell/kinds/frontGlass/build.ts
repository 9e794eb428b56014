import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { FOUND_MATERIALS, foundFace, OPEN_SIDE } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { newDam } from "../../dam/create";
import { standDam } from "../../dam/stand";
import { FIXED_SCREEN, screenRect } from "../../found/screen";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { OwnHold, Shell, Solid, Strip } from "../../shell";
import type { Size3 } from "../../size";
import { boxSeams } from "../boxSeams";
import { outsideInputs, outsideOf } from "../outside";
import { frontGlassGaps } from "./gaps";
import { doorOpening, insideOf, isTempered, leavesOf, sillMm, stripMm } from "./measure";
import type { FrontGlassShell } from "./schema";

/** What a latch is called, and whether it keeps a strong animal in. */
const LATCHES = {
  none: null,
  magnet: { words: "a magnet of its own", firm: false },
  turn: { words: "a turn latch of its own", firm: false },
  key: { words: "a key lock of its own", firm: true },
} as const;

/** What holds doors and screen shut of their own. */
const heldShut = ({ doors, top }: FrontGlassShell["found"]): Record<string, OwnHold> => {
  const latch = LATCHES[doors.latch];
  return { ...(latch && { front: latch }), ...(top.fixed && { top: FIXED_SCREEN }) };
};

/** The mesh of its screen; what its frame weighs nobody has measured, and is not counted. */
function screenSolid({ top }: FrontGlassShell["found"], inside: Size3): Solid {
  const { widthMm, heightMm } = screenRect(top, inside);
  const pitch = top.aperture.value + top.wire.value;
  // Wires both ways, round, of steel.
  const kgPerMm2 = (2 * (Math.PI / 4) * top.wire.value ** 2 * FOUND_MATERIALS.steel.density.value) / pitch / 1e9;
  return {
    ...{ id: "screen", label: "Screen, its mesh alone", kg: widthMm * heightMm * kgPerMm2 },
    at: [inside.widthMm / 2, inside.depthMm / 2, inside.heightMm],
  };
}

const stripKg = ({ widthMm, heightMm, material }: Strip) =>
  (widthMm * heightMm * material.thicknessMm * material.densityKgPerM3.value) / 1e9;

/** The terrarium as it stands: four panes and a base, its front open over sill and strip, its top a screen. */
export function buildFrontGlass({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as FrontGlassShell;
  const { found } = shell;
  const inside = insideOf(found);
  const t = found.glass.value;
  const glass = (pane: "base" | "doors" | "wall", mm: number) =>
    foundFace(isTempered(found, pane) ? "temperedGlass" : "glass", mm);
  const opening = doorOpening(found);
  const own = standDam(shell, [], book, inside);
  const sill: Strip = {
    ...{ id: "sill", role: "dam", label: "Sill", material: glass("wall", t), backMm: -t, found: true },
    ...{ uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: sillMm(found) },
  };
  const strip: Strip = {
    ...{
      id: "vent-strip",
      role: "ventRail",
      label: "Strip vent",
      material: foundFace("pp", t),
      backMm: -t,
      found: true,
    },
    ...{ uMm: 0, vMm: sillMm(found), widthMm: inside.widthMm, heightMm: stripMm(found) },
  };
  const strips = [sill, ...(strip.heightMm > 0 ? [strip] : []), ...own.strips];
  const damTopMm = Math.max(sill.heightMm, own.topMm);
  const profile = boxProfile(inside);
  const levels = {
    ...stackLevels({
      insideHeightMm: inside.heightMm,
      groundMm: shell.groundDepth?.value,
      ground,
      waterMm: seal.standingWater?.value,
      damMm: damTopMm,
    }),
    openingLowMm: opening.vMm,
  };
  const faces = boxFaces(
    inside,
    (face) => {
      if (face === "front" || face === "top") return OPEN_SIDE;
      return face === "base" ? glass("base", found.basePane.value) : glass("wall", t);
    },
    ["front", "top"],
  );
  const leaves = leavesOf(found);
  const leaf = glass("doors", t);
  const doorsKg = leaves.reduce((kg, r) => kg + (r.widthMm * r.heightMm * t * leaf.densityKgPerM3.value) / 1e9, 0);
  const doors: Solid = {
    ...{ id: "doors", label: "Doors, shut", kg: doorsKg },
    at: [inside.widthMm / 2, -t / 2, opening.vMm + opening.heightMm / 2],
  };
  const { background } = found;
  return {
    kind: "frontGlass",
    words: "front-opening glass terrarium",
    inside,
    outside: outsideOf(found),
    legsMm: found.recess.value,
    underBasePath: null,
    baseHangs: found.recess.value > 0,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(width − 2 glass) × (depth − 2 glass) × (height − recess − base pane)",
      inputs: [
        ...outsideInputs(found),
        { name: "glass", value: t, unit: "mm" },
        { name: "recess under the base", value: found.recess.value, unit: "mm" },
        { name: "base pane", value: found.basePane.value, unit: "mm" },
      ],
    },
    faces,
    strips,
    openings: [
      { id: "front", face: "front", ...opening },
      { id: "top", face: "top", ...screenRect(found.top, inside) },
    ],
    panels: own.panels,
    joints: [],
    seams: [...own.seams, ...boxSeams(inside, ["front", "top"], strips, levels, true)],
    solids: [
      ...Object.values(faces)
        .filter((f) => !f.open)
        .map((f) => faceSolid(f, FACE_WORDS[f.id])),
      ...strips
        .filter((s) => s.found)
        .map(
          (s): Solid => ({
            ...{ id: `front/${s.id}`, label: s.label, kg: stripKg(s) },
            at: [inside.widthMm / 2, -t / 2, s.vMm + s.heightMm / 2],
          }),
        ),
      doors,
      screenSolid(found, inside),
      ...own.solids,
    ],
    gaps: frontGlassGaps(found, book),
    doors: { opens: "swing", leaves, thicknessMm: t, kg: doorsKg, solid: "doors" },
    held: heldShut(found),
    lining:
      background.is === "kept"
        ? {
            face: "back",
            depthMm: background.thickness.value + background.gap.value,
            gapMm: background.gap.value,
          }
        : null,
    secondFloor: own.secondFloor,
    heldWalls: ["left", "right", "back"],
    tray: null,
    reusable: [],
    ownPanes: [],
    glassPanes: own.glassPanes,
    levels,
    damPath: "/shell/dam/height",
    damStart: shell.dam ? null : { path: "/shell/dam", value: newDam(damTopMm) },
    insidePaths: null,
  };
}
