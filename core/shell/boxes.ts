import type { FaceId } from "../design/names";
import { cornersOf, type Rect } from "./faces";
import type { Shell } from "./shell";
import { outwards, toSpace, type Vec3 } from "./space";

/** A box in the shell's space, mm. */
export interface Box3 {
  low: Vec3;
  high: Vec3;
}

/** The box a rectangle of a face takes when it is drawn out into the room. */
export function boxOf(shell: Shell, face: FaceId, rect: Rect, depthMm: number): Box3 {
  const { frame } = shell.faces[face];
  const corners = cornersOf(rect);
  const points = corners.flatMap((p) => {
    const [x, y, z] = toSpace(frame, p);
    const [ox, oy, oz] = outwards(frame, p);
    return [[x, y, z] as const, [x - ox * depthMm, y - oy * depthMm, z - oz * depthMm] as const];
  });
  const end = (pick: (...n: number[]) => number): Vec3 => [
    pick(...points.map((p) => p[0])),
    pick(...points.map((p) => p[1])),
    pick(...points.map((p) => p[2])),
  ];
  return { low: end(Math.min), high: end(Math.max) };
}

/** How far two boxes reach into each other along the axis where it is least, mm; 0 where they are apart. */
export function reachInto(a: Box3, b: Box3): number {
  const along = (i: 0 | 1 | 2) => Math.min(a.high[i], b.high[i]) - Math.max(a.low[i], b.low[i]);
  return Math.max(0, Math.min(along(0), along(1), along(2)));
}
