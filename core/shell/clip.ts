import type { Point } from "./space";

/** A straight line through two points of a face, mm. */
export interface Line {
  a: Point;
  b: Point;
}

/** How far a point lies to the left of a line, times the line's length. */
export const leftOf = ({ a, b }: Line, [x, y]: Point): number =>
  (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);

/**
 * The part of a convex outline on one side of a line (the halving of Sutherland and Hodgman).
 * @param side 1 for what lies to the left of the line, -1 for the right
 */
export function clip(points: readonly Point[], line: Line, side: 1 | -1): Point[] {
  const kept: Point[] = [];
  points.forEach((p, i) => {
    const q = points[(i + 1) % points.length]!;
    const [dp, dq] = [side * leftOf(line, p), side * leftOf(line, q)];
    if (dp >= 0) kept.push(p);
    if (dp * dq < 0) kept.push([p[0] + ((q[0] - p[0]) * dp) / (dp - dq), p[1] + ((q[1] - p[1]) * dp) / (dp - dq)]);
  });
  return kept;
}

/** The part of a convex outline within a rectangle, given by its corners. */
export function clipToRect(points: readonly Point[], low: Point, high: Point): Point[] {
  const corners: Point[] = [low, [high[0], low[1]], high, [low[0], high[1]]];
  return corners.reduce<Point[]>((left, a, i) => clip(left, { a, b: corners[(i + 1) % 4]! }, 1), [...points]);
}
