import type { Point } from "../shell/space";
import type { Edge } from "./names";
import type { Divider, DividerEnd } from "./schema";

/** The floor that dividers stand on: its clear size between its edges, mm. */
export interface FloorSize {
  widthMm: number;
  depthMm: number;
  round: boolean;
}

/** Whether an edge runs from left to right. */
const runsAcross = (on: Edge) => on === "front" || on === "back";

/** Where an end stands, from the floor's front left corner, mm. */
function pointOf({ on, at }: DividerEnd, { widthMm, depthMm }: FloorSize): Point {
  const along = Math.min(Math.max(0, at.value), runsAcross(on) ? widthMm : depthMm);
  const points: Record<Edge, Point> = {
    ...{ front: [along, 0], back: [along, depthMm], left: [0, along], right: [widthMm, along] },
  };
  return points[on];
}

/** Whether a divider's ends stand on two different edges: one that returns to its own meets no wall. */
export const meetsTwoWalls = ({ line }: Pick<Divider, "line">): boolean => line !== null && line.from.on !== line.to.on;

/** A divider's middle from end to end, mm; undefined where it has no line, or none that parts the floor. */
export function runOf(divider: Divider, floor: FloorSize): { a: Point; b: Point; lengthMm: number } | undefined {
  // A round floor has no straight edge that an end could stand on.
  if (!divider.line || floor.round || !meetsTwoWalls(divider)) return undefined;
  const [a, b] = [pointOf(divider.line.from, floor), pointOf(divider.line.to, floor)];
  const lengthMm = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return lengthMm < 1 ? undefined : { a, b, lengthMm };
}

/** Whether two dividers cross within the floor, other than at their ends. */
export function cross(one: { a: Point; b: Point }, other: { a: Point; b: Point }): boolean {
  const side = (p: Point, q: Point, r: Point) => (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  const parts = (l: { a: Point; b: Point }, m: { a: Point; b: Point }) =>
    side(l.a, l.b, m.a) * side(l.a, l.b, m.b) < -1e-6;
  return parts(one, other) && parts(other, one);
}
