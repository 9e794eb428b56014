import type { SheetVariant, Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { sheetFace } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { boxFaces, faceSolid } from "../../boxFaces";
import { behindFrame } from "../../dam/schema";
import { standDam } from "../../dam/stand";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { GlassPane, Panel, Shell, Solid, Strip } from "../../shell";
import { boxSeams } from "../boxSeams";
import { layFront } from "../frontFrame";
import { type Box, measureBox } from "./box";
import { listJoints } from "./joints";
import { cutPanels } from "./panels";

/** A pane behind a front without a frame still stands off its edge, mm. */
const LEAST_BEHIND_MM = 1;

/** A sheet box as it will stand. */
export function buildSheet(anyVariant: Variant, book: Book): Shell {
  const variant = anyVariant as SheetVariant;
  const { shell } = variant;
  const box = measureBox(variant, book);
  const { inside } = box;
  const profile = boxProfile(inside);
  const frontMm = box.hasFrontStrips ? box.thicknessMm.front : 0;
  const behind = standDam(behindFrame(shell), [], book, inside, Math.max(frontMm, LEAST_BEHIND_MM));
  const framed = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    ground: variant.ground,
    waterMm: variant.seal.standingWater?.value,
    damMm: shell.front.dam?.value ?? 0,
    ventRailMm: shell.front.ventRail?.value ?? 0,
    headRailMm: shell.front.headRail?.value ?? 0,
  });
  const { strips, opening } = layFront(shell.front, inside, framed, sheetFace(box.sheets.front.of));
  // The frame stands by its own dam; ground and water by the higher of the two.
  const levels = { ...framed, damTopMm: Math.max(framed.damTopMm, behind.topMm) };
  const faces = boxFaces(inside, (face) => sheetFace(box.sheets[face].of), ["front"]);
  const all = cutPanels({ ...shell.joints, rabbetMm: shell.joints.rabbetDepth.value }, box, strips);
  const isOrdered = (panel: Panel) => box.sheets[panel.face].ordered;
  const panels = all.filter((p) => !isOrdered(p));
  return {
    kind: "sheet",
    words: "flat sheet",
    inside,
    outside: box.outside,
    legsMm: 0,
    underBasePath: null,
    baseHangs: false,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "inside width × depth × height",
      inputs: [
        { name: "width", value: inside.widthMm, unit: "mm" },
        { name: "depth", value: inside.depthMm, unit: "mm" },
        { name: "height", value: inside.heightMm, unit: "mm" },
      ],
    },
    faces,
    strips: [...strips, ...behind.strips],
    openings: [{ ...opening, id: "front", face: "front" }],
    panels: [...panels, ...behind.panels],
    joints: listJoints(shell, box, strips),
    seams: [
      ...behind.seams,
      ...boxSeams(inside, ["front"], [...strips, ...behind.strips], levels).map((s) =>
        behind.secondFloor && s.foot ? { ...s, wet: false } : s,
      ),
    ],
    solids: [...all.map((panel) => panelSolid(panel, box, faces, strips)), ...behind.solids],
    gaps: [],
    doors: null,
    held: {},
    lining: null,
    secondFloor: behind.secondFloor,
    heldWalls: ["back"],
    tray: null,
    reusable: [],
    ownPanes: [],
    glassPanes: [...all.filter(isOrdered).map(orderedPane), ...behind.glassPanes],
    levels,
    damPath: "/shell/front/dam",
    damStart: null,
    insidePaths:
      shell.size.given === "inside"
        ? { widthMm: "/shell/size/width", depthMm: "/shell/size/depth", heightMm: "/shell/size/height" }
        : null,
  };
}

/** A panel of glass comes cut to size. */
const orderedPane = ({ face, grained, ...pane }: Panel): GlassPane => pane;

/** A panel's mass as cut, in the middle of its face or strip. */
function panelSolid(panel: Panel, box: Box, faces: Shell["faces"], strips: Strip[]): Solid {
  const { lengthMm, widthMm, thicknessMm } = panel;
  const kg = (lengthMm * widthMm * thicknessMm * box.sheets[panel.face].densityKgPerM3.value) / 1e9;
  const strip = strips.find((s) => panel.id === `front/${s.id}`);
  const at = strip
    ? ([strip.uMm + strip.widthMm / 2, thicknessMm / 2, strip.vMm + strip.heightMm / 2] as const)
    : faceSolid(faces[panel.face], panel.label).at;
  return { id: panel.id, label: panel.label, kg, at };
}
