import type { SheetShell } from "../design/schema";
import type { Levels } from "../levels/levels";
import type { Box } from "./box";
import type { Strip } from "./front";

/** A line where two panels are glued and, if long enough, screwed. */
export interface Joint {
  id: string;
  lengthMm: number;
  screws: number;
}

/** An inner corner line that a bead can be run along. */
export interface Seam {
  id: string;
  label: string;
  lengthMm: number;
  /** True where standing ground or water reaches it. */
  wet: boolean;
}

/** First and last screw sit this far from a joint's ends, so that the sheet's edge does not split [T]. */
const END_DISTANCE_MM = 50;

/** Screws along a joint, evenly and no further apart than the spacing; two on a short one, none under 60 mm. */
export function screwsAlong(lengthMm: number, spacingMm: number): number {
  if (lengthMm < 60) return 0;
  if (lengthMm < 2 * END_DISTANCE_MM + 50) return 2;
  return Math.ceil((lengthMm - 2 * END_DISTANCE_MM) / spacingMm - 1e-9) + 1;
}

/** The joints of a sheet box; front strips are joined at their ends, dam and head rail along their length too. */
export function listJoints(shell: SheetShell, box: Box, strips: Strip[]): Joint[] {
  const { inside, outside, sideDepthMm } = box;
  const overlaid = shell.joints.back === "overlaid";
  const screwed = shell.joints.fixing !== "siliconeOnly";
  const joint = (id: string, lengthMm: number): Joint => ({
    id: `joint/${id}`,
    lengthMm,
    screws: screwed ? screwsAlong(lengthMm, shell.joints.screwSpacing.value) : 0,
  });
  const acrossMm = overlaid ? outside.widthMm : inside.widthMm;
  const uprightMm = overlaid ? outside.heightMm : inside.heightMm;
  const joints = [
    ...["base-left", "base-right", "top-left", "top-right"].map((id) => joint(id, sideDepthMm)),
    ...["back-left", "back-right"].map((id) => joint(id, uprightMm)),
    ...["back-base", "back-top"].map((id) => joint(id, acrossMm)),
  ];
  for (const strip of strips) {
    const lying = !strip.id.startsWith("stile");
    const endMm = lying ? strip.heightMm : strip.widthMm;
    joints.push(joint(`${strip.id}-end-1`, endMm), joint(`${strip.id}-end-2`, endMm));
    if (strip.id !== "vent-rail") joints.push(joint(`${strip.id}-edge`, lying ? strip.widthMm : strip.heightMm));
  }
  return joints;
}

/** The inner seams of the box, foot seams first. */
export function listSeams(box: Box, strips: Strip[], levels: Levels): Seam[] {
  const { inside } = box;
  const seam = (id: string, label: string, lengthMm: number, wet = false): Seam => ({
    id: `seam/${id}`,
    label,
    lengthMm,
    wet,
  });
  const wetMm = Math.max(levels.groundMm, levels.waterMm, levels.damTopMm);
  const uprights = (["left-back", "right-back"] as const).flatMap((id) => {
    const label = id === "left-back" ? "Left to back" : "Right to back";
    if (wetMm <= 0) return [seam(id, label, inside.heightMm)];
    return [
      seam(`${id}-foot`, `${label}, up to the dam`, wetMm, true),
      ...(wetMm < inside.heightMm ? [seam(id, `${label}, above the dam`, inside.heightMm - wetMm)] : []),
    ];
  });
  const dam = strips.find((s) => s.id === "dam");
  return [
    seam("base-left", "Base to left side", inside.depthMm, true),
    seam("base-right", "Base to right side", inside.depthMm, true),
    seam("base-back", "Base to back", inside.widthMm, true),
    ...(dam
      ? [
          seam("base-dam", "Base to dam", inside.widthMm, true),
          seam("dam-left", "Dam to left side", dam.heightMm, true),
          seam("dam-right", "Dam to right side", dam.heightMm, true),
        ]
      : []),
    ...uprights,
    seam("top-left", "Top to left side", inside.depthMm),
    seam("top-right", "Top to right side", inside.depthMm),
    seam("top-back", "Top to back", inside.widthMm),
  ];
}
