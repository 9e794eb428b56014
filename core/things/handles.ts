/** Which edges of a thing are dragged, as drawn: −1 the left or the head, 1 the right or the foot, 0 neither. */
export interface Handle {
  x: -1 | 0 | 1;
  y: -1 | 0 | 1;
}
/** The eight handles of a thing, from its upper left round. */
export const HANDLES: readonly Handle[] = [
  { x: -1, y: -1 },
  { x: 0, y: -1 },
  { x: 1, y: -1 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
  { x: -1, y: 1 },
  { x: -1, y: 0 },
];

/** Left free of handles in the middle of a thing, so that it can still be moved, px. */
const FREE_PX = 12;

/**
 * How far outside a thing its handles stand, px: at its frame, and farther where it is so thin that they would cover it.
 * @param lengthPx of the thing, across the handles' edge
 * @param gripPx what a handle takes of the drawing, across
 */
export const handleOffPx = (lengthPx: number, framePx: number, gripPx: number): number =>
  Math.max(framePx, (FREE_PX + gripPx - lengthPx) / 2);
