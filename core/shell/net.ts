import type { FaceId } from "../design/schema";
import type { Size3 } from "./box";

/** A face's place on the net, mm, x to the right and y down, as drawn. */
export interface NetFace {
  x: number;
  y: number;
  w: number;
  h: number;
}

export interface Net {
  faces: Record<FaceId, NetFace>;
  widthMm: number;
  heightMm: number;
}

/** The shell unfolded round its back, seen from inside; the front apart at the right, seen from outside. */
export function layNet(inside: Size3, gapMm: number): Net {
  const { widthMm: w, depthMm: d, heightMm: h } = inside;
  const backX = d + gapMm;
  const backY = d + gapMm;
  const rightX = backX + w + gapMm;
  return {
    faces: {
      left: { x: 0, y: backY, w: d, h },
      back: { x: backX, y: backY, w, h },
      right: { x: rightX, y: backY, w: d, h },
      front: { x: rightX + d + gapMm, y: backY, w, h },
      top: { x: backX, y: 0, w, h: d },
      base: { x: backX, y: backY + h + gapMm, w, h: d },
    },
    widthMm: rightX + d + gapMm + w,
    heightMm: backY + h + gapMm + d,
  };
}

/** Which way a face's own axes run on the net: mirrored along u, and whether v runs down. */
const TURNED: Record<FaceId, { mirrorU: boolean; downV: boolean }> = {
  left: { mirrorU: false, downV: false },
  back: { mirrorU: false, downV: false },
  // The right side is seen from inside with its back edge at the left.
  right: { mirrorU: true, downV: false },
  front: { mirrorU: false, downV: false },
  // The top hangs from the back's upper edge: its back edge is lowest on the drawing.
  top: { mirrorU: false, downV: true },
  base: { mirrorU: false, downV: false },
};

/** A point of a face (u, v) as a point of the net. */
export function toNet(face: FaceId, uMm: number, vMm: number, net: Net): { x: number; y: number } {
  const place = net.faces[face];
  const { mirrorU, downV } = TURNED[face];
  return { x: place.x + (mirrorU ? place.w - uMm : uMm), y: place.y + (downV ? vMm : place.h - vMm) };
}

/** How a movement on the net (x right, y down) moves a point on its face. */
export const moveOnFace = (face: FaceId, dx: number, dy: number): { uMm: number; vMm: number } => ({
  uMm: TURNED[face].mirrorU ? -dx : dx,
  vMm: TURNED[face].downV ? dy : -dy,
});
