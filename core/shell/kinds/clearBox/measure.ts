import { FOUND_MATERIALS } from "../../../materials/face";
import type { Rect } from "../../faces";
import type { Size3 } from "../../size";
import { grownMm } from "../../warmth";
import type { ClearBoxFound as Found } from "./schema";

export const hasDoor = ({ door }: Found): boolean => door.is !== "none";
export const hasLid = ({ lid }: Found): boolean => lid.is !== "fixed";

/** Inside of its walls, base and top; a lid lies in or on the walls' upper end. */
export const insideOf = ({ width, depth, height, wall, lid }: Found): Size3 => ({
  widthMm: width.value - 2 * wall.value,
  depthMm: depth.value - 2 * wall.value,
  heightMm: height.value - wall.value - (lid.is === "fixed" ? wall.value : lid.thickness.value),
});

/** The door's opening, on the front face. */
export function doorOpening(found: Found): Rect {
  const { widthMm, heightMm } = insideOf(found);
  const footMm = found.door.foot.value;
  return { uMm: 0, vMm: footMm, widthMm, heightMm: found.door.height?.value ?? heightMm - footMm };
}

/** A lid across its grooves: how wide it is, once it is taken down where it is to be, and may be at the most. */
export function lidAcross(found: Found): { isMm: number; mostMm: number } {
  const mostMm = insideOf(found).widthMm + 2 * found.lid.grooveDepth.value;
  return { isMm: found.lid.trimTo?.value ?? found.lid.width?.value ?? mostMm - LID_PLAY_MM, mostMm };
}
/** A lid cut to its grooves leaves this much across them, mm. From memory. */
export const LID_PLAY_MM = 1;

/** How much wider the lid gets, mm. */
export const lidGrowthMm = (found: Found): number =>
  grownMm(lidAcross(found).isMm, FOUND_MATERIALS[found.plastic].growth.value);
