import type { Rect } from "./faces";
import type { ShellFace } from "./shell";

/** The mark nearest to a value, or the value itself when none is near enough. */
function nearest(value: number, marks: readonly number[], withinMm: number): number {
  const near = marks.filter((mark) => Math.abs(mark - value) <= withinMm);
  return (
    near.reduce<number | undefined>(
      (best, mark) => (best !== undefined && Math.abs(best - value) <= Math.abs(mark - value) ? best : mark),
      undefined,
    ) ?? value
  );
}

/** Where a centre along one axis is drawn to: the middle, the edges, others' centres, and equal gaps between two others. */
function marks(start: number, length: number, half: number, others: readonly [low: number, high: number][]): number[] {
  const ends = [...others].sort((a, b) => a[0] - b[0]);
  const between = ends.slice(1).map(([low], i) => (ends[i]![1] + low) / 2);
  return [
    start + length / 2,
    start + half,
    start + length - half,
    ...others.map(([low, high]) => (low + high) / 2),
    ...between,
  ];
}

/**
 * Draws a dragged centre to what it lies near.
 * @param face the face it is on
 * @param own the rectangle of what is dragged
 * @param others those of the others on that face
 * @param withinMm how near is near, mm on the face
 */
export function snapCentre(
  own: Rect,
  face: ShellFace,
  others: readonly Rect[],
  uMm: number,
  vMm: number,
  withinMm: number,
): { uMm: number; vMm: number } {
  const along = (of: (r: Rect) => [number, number]) => others.map(of);
  const { room } = face;
  return {
    uMm: nearest(
      uMm,
      marks(
        room.uMm,
        room.widthMm,
        own.widthMm / 2,
        along((r) => [r.uMm, r.uMm + r.widthMm]),
      ),
      withinMm,
    ),
    vMm: nearest(
      vMm,
      marks(
        room.vMm,
        room.heightMm,
        own.heightMm / 2,
        along((r) => [r.vMm, r.vMm + r.heightMm]),
      ),
      withinMm,
    ),
  };
}
