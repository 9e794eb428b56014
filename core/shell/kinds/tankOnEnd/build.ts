import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { OPEN_SIDE, sheetFace } from "../../../materials/face";
import { findMaterial } from "../../../materials/find";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { behindFrame } from "../../dam/schema";
import { standDam } from "../../dam/stand";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { Shell, Solid } from "../../shell";
import { boxSeams } from "../boxSeams";
import { layFront } from "../frontFrame";
import { tankPane } from "../glassTank";
import { stripPanel } from "../stripPanel";
import type { TankOnEndShell } from "./schema";

/** Stood on one end: its length is the height, its height the depth, its open side the front; an end pane is the base. */
export function buildOnEnd({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as TankOnEndShell;
  const { found } = shell;
  const t = found.glass.value;
  const frame = findMaterial(book, shell.frameMaterial, "sheet")!;
  const inside = {
    widthMm: found.width.value - 2 * t,
    depthMm: found.height.value - t,
    heightMm: found.length.value - 2 * t,
  };
  const profile = boxProfile(inside);
  const behind = standDam(behindFrame(shell), [], book, inside, frame.thicknessMm);
  const framed = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    ground,
    waterMm: seal.standingWater?.value,
    damMm: shell.dam?.value ?? 0,
    ventRailMm: shell.ventRail?.value ?? 0,
    headRailMm: shell.headRail?.value ?? 0,
  });
  const { strips, opening } = layFront({ ...shell, stile: null }, inside, framed, sheetFace(frame));
  const levels = { ...framed, damTopMm: Math.max(framed.damTopMm, behind.topMm) };
  const panels = strips.map((strip) => stripPanel(strip, frame));
  // The former base is the back; the other four walls are all alike.
  const faces = boxFaces(
    inside,
    (face) => (face === "front" ? OPEN_SIDE : tankPane(found, face === "back" ? "base" : "wall")),
    ["front"],
  );
  return {
    kind: "tankOnEnd",
    words: "glass tank stood on end",
    inside,
    outside: { widthMm: found.width.value, depthMm: found.height.value, heightMm: found.length.value },
    legsMm: shell.legs?.value ?? 0,
    underBasePath: "/shell/legs",
    baseHangs: false,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(width − 2 glass) × (former height − glass) × (former length − 2 glass)",
      inputs: [
        { name: "former length, now the height", value: found.length.value, unit: "mm" },
        { name: "width", value: found.width.value, unit: "mm" },
        { name: "former height, now the depth", value: found.height.value, unit: "mm" },
        { name: "glass", value: t, unit: "mm" },
      ],
    },
    faces,
    strips: [...strips, ...behind.strips],
    openings: [{ ...opening, id: "front", face: "front" }],
    panels: [...panels, ...behind.panels],
    joints: strips.flatMap((strip) => [
      { id: `joint/${strip.id}-end-1`, lengthMm: strip.heightMm, screws: 0 },
      { id: `joint/${strip.id}-end-2`, lengthMm: strip.heightMm, screws: 0 },
    ]),
    seams: [
      ...behind.seams,
      ...boxSeams(inside, ["front"], [...strips, ...behind.strips], levels).map((s) =>
        behind.secondFloor && s.foot ? { ...s, wet: false } : s,
      ),
    ],
    solids: [
      ...Object.values(faces)
        .filter((f) => !f.open)
        .map((f) => faceSolid(f, FACE_WORDS[f.id])),
      ...strips.map(
        (strip): Solid => ({
          id: `front/${strip.id}`,
          label: strip.label,
          kg: (strip.widthMm * strip.heightMm * frame.thicknessMm * frame.densityKgPerM3.value) / 1e9,
          at: [strip.uMm + strip.widthMm / 2, frame.thicknessMm / 2, strip.vMm + strip.heightMm / 2],
        }),
      ),
      ...behind.solids,
    ],
    gaps: [],
    doors: null,
    held: {},
    lining: null,
    secondFloor: behind.secondFloor,
    heldWalls: ["back"],
    tray: null,
    reusable: [],
    ownPanes: [],
    glassPanes: behind.glassPanes,
    levels,
    damPath: "/shell/dam",
    damStart: null,
    insidePaths: null,
  };
}
