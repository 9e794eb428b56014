import type { Rect } from "../../faces";
import type { Size3 } from "../../size";
import type { FrontGlassShell } from "./schema";

type Found = FrontGlassShell["found"];

/** Inside sizes: panes off all round; the height from the base pane's top to the screen. */
export const insideOf = ({ width, depth, height, glass, basePane, recess }: Found): Size3 => ({
  widthMm: width.value - 2 * glass.value,
  depthMm: depth.value - 2 * glass.value,
  heightMm: height.value - recess.value - basePane.value,
});

/** Its sill over the inside of the base: typed so, or from the stand less recess and base pane. */
export const sillMm = ({ sill, recess, basePane }: Found): number =>
  sill.from === "inside" ? sill.height.value : sill.height.value - recess.value - basePane.value;

/** How high the strip on the sill is; 0 without one. */
export const stripMm = ({ strip }: Found): number => strip.height?.value ?? 0;

/** The opening the doors close: over sill and strip, up to the top. */
export function doorOpening(found: Found): Rect {
  const { widthMm, heightMm } = insideOf(found);
  const foot = sillMm(found) + stripMm(found);
  return { uMm: 0, vMm: foot, widthMm, heightMm: heightMm - foot };
}

/** Gaps across the doors, and up them, mm. */
const gapsOf = ({ doors }: Found) => ({
  acrossMm: 2 * doors.hinge.value + (doors.leaves === 2 ? doors.meeting.value : 0),
  upMm: doors.head.value + doors.foot.value,
});

/** What the opening and its gaps leave for one leaf. */
export function leafRoom(found: Found): { widthMm: number; heightMm: number } {
  const opening = doorOpening(found);
  const { acrossMm, upMm } = gapsOf(found);
  return {
    widthMm: (opening.widthMm - acrossMm) / found.doors.leaves,
    heightMm: opening.heightMm - upMm,
  };
}

/** Each leaf where it hangs; one narrower than its room hangs by its hinge. */
export function leavesOf(found: Found): Rect[] {
  const { doors } = found;
  const opening = doorOpening(found);
  const room = leafRoom(found);
  const widthMm = doors.width?.value ?? room.widthMm;
  const heightMm = doors.height?.value ?? room.heightMm;
  const leaf = (uMm: number): Rect => ({ uMm, vMm: opening.vMm + doors.foot.value, widthMm, heightMm });
  const left = leaf(doors.hinge.value);
  return doors.leaves === 1 ? [left] : [left, leaf(opening.widthMm - doors.hinge.value - widthMm)];
}

/** Room that leaves and gaps as typed do not fill, mm: measured wrong, or one more gap. */
export function unaccounted(found: Found): { acrossMm: number; upMm: number } {
  const room = leafRoom(found);
  const { doors } = found;
  return {
    acrossMm: doors.width ? (room.widthMm - doors.width.value) * doors.leaves : 0,
    upMm: doors.height ? room.heightMm - doors.height.value : 0,
  };
}

/** Which panes are tempered; what is not known is taken for tempered, and never drilled. */
export function isTempered({ tempered }: Found, pane: "base" | "doors" | "wall"): boolean {
  if (tempered === "unknown" || tempered === "all") return true;
  if (tempered === "none") return false;
  return tempered === "doorsAndBase" ? pane !== "wall" : tempered === pane;
}
