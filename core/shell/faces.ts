import type { FaceId } from "../design/schema";

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
