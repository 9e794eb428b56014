import type { FaceId } from "../design/names";
import { over } from "../units/tolerance";
import type { Point } from "./space";

/** A rectangle on a face, millimetres, `u` and `v` from the inside front left bottom corner. */
export interface Rect {
  uMm: number;
  vMm: number;
  widthMm: number;
  heightMm: number;
}

/** Which shell axes a face's `u` and `v` run along: x left to right, y front to back, z up. */
export const FACE_AXES: Record<FaceId, { u: "x" | "y"; v: "y" | "z" }> = {
  left: { u: "y", v: "z" },
  right: { u: "y", v: "z" },
  back: { u: "x", v: "z" },
  front: { u: "x", v: "z" },
  top: { u: "x", v: "y" },
  base: { u: "x", v: "y" },
};

/** What a face's axes are called at the bench. */
export const AXIS_WORDS: Record<"x" | "y" | "z", string> = {
  x: "from the left",
  y: "from the front",
  z: "above the base",
};

/** A rectangle's corners on its face, anticlockwise from the lower left. */
export const cornersOf = ({ uMm, vMm, widthMm, heightMm }: Rect): Point[] => [
  [uMm, vMm],
  [uMm + widthMm, vMm],
  [uMm + widthMm, vMm + heightMm],
  [uMm, vMm + heightMm],
];

/** Whether two rectangles of one face share more than an edge. */
export const rectsMeet = (a: Rect, b: Rect): boolean =>
  a.uMm + a.widthMm > b.uMm && b.uMm + b.widthMm > a.uMm && a.vMm + a.heightMm > b.vMm && b.vMm + b.heightMm > a.vMm;

/** What two rectangles of one face share; undefined where they do not touch. */
export function overlap(a: Rect, b: Rect): Rect | undefined {
  const uMm = Math.max(a.uMm, b.uMm);
  const vMm = Math.max(a.vMm, b.vMm);
  const widthMm = Math.min(a.uMm + a.widthMm, b.uMm + b.widthMm) - uMm;
  const heightMm = Math.min(a.vMm + a.heightMm, b.vMm + b.heightMm) - vMm;
  return over(widthMm, 0) && over(heightMm, 0) ? { uMm, vMm, widthMm, heightMm } : undefined;
}
