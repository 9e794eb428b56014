import type { Box, Placed } from "../labels/place";

/** Room for a drawing, px. */
export interface Size {
  width: number;
  height: number;
}

/** What every drawing has: its labels, each at a place of its own. */
export interface View {
  frame: Box;
  labels: Placed[];
}

/** From something in hand to its name: its handles lie between, px. */
export const HELD_PX = 10;

/** A rectangle of a drawing that is the whole of it. */
export const frameOf = ({ width, height }: Size): Box => ({ x: 0, y: 0, width, height });

/** Spots within a box: along its head, its foot, then its middle, px from its edges. */
export function spotsIn({ x, y, width, height }: Box, edge = 6) {
  const line = 8;
  const [left, middle, right] = [x + edge, x + width / 2, x + width - edge];
  return (
    [
      [left, y + edge + line, "start"],
      [left, y + height - edge - line, "start"],
      [middle, y + height / 2, "middle"],
      [middle, y + edge + line, "middle"],
      [right, y + edge + line, "end"],
      [middle, y + height - edge - line, "middle"],
      [right, y + height - edge - line, "end"],
    ] as const
  ).map(([sx, sy, align]) => ({ x: sx, y: sy, align }));
}

/** Spots beside a box: over it, under it, then to its right and left, px. */
export function spotsRound({ x, y, width, height }: Box, apart = 4) {
  const line = 8;
  const middle = x + width / 2;
  return (
    [
      [middle, y - apart - line, "middle"],
      [middle, y + height + apart + line, "middle"],
      [x + width + apart, y + height / 2, "start"],
      [x - apart, y + height / 2, "end"],
      [x, y - apart - line, "start"],
      [x + width, y - apart - line, "end"],
      [x, y + height + apart + line, "start"],
      [x + width, y + height + apart + line, "end"],
    ] as const
  ).map(([sx, sy, align]) => ({ x: sx, y: sy, align }));
}
