import { FACES, type FaceId } from "../design/names";
import { extent } from "./outline";
import type { ShellFace } from "./shell";

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

/** How the faces lie: top and base over and under the back, or one over the other at the right of a tall shell. */
export type Arrangement = "round" | "beside";

/** The shell unfolded round its back, seen from inside; the front apart at the right, seen from outside. Walls stand on one line. */
export function layNet(
  faces: Record<FaceId, Pick<ShellFace, "outline">>,
  gapMm: number,
  arrangement: Arrangement = "round",
): Net {
  const size = Object.fromEntries(
    FACES.map((id) => {
      const { widthMm, heightMm } = extent(faces[id].outline);
      return [id, { w: widthMm, h: heightMm }];
    }),
  ) as Record<FaceId, { w: number; h: number }>;
  if (arrangement === "beside") return layBeside(size, gapMm);
  const middle = Math.max(size.back.w, size.top.w, size.base.w);
  const wall = Math.max(size.left.h, size.back.h, size.right.h, size.front.h);
  const backX = size.left.w + gapMm;
  const foot = size.top.h + gapMm + wall;
  const rightX = backX + middle + gapMm;
  const frontX = rightX + size.right.w + gapMm;
  const centred = (w: number) => backX + (middle - w) / 2;
  const stood = (id: FaceId, x: number): NetFace => ({ x, y: foot - size[id].h, ...size[id] });
  return {
    faces: {
      left: stood("left", 0),
      back: stood("back", centred(size.back.w)),
      right: stood("right", rightX),
      front: stood("front", frontX),
      top: { x: centred(size.top.w), y: 0, ...size.top },
      base: { x: centred(size.base.w), y: foot + gapMm, ...size.base },
    },
    widthMm: frontX + size.front.w,
    heightMm: foot + gapMm + size.base.h,
  };
}

function layBeside(size: Record<FaceId, { w: number; h: number }>, gapMm: number): Net {
  const stack = size.top.h + gapMm + size.base.h;
  const foot = Math.max(size.left.h, size.back.h, size.right.h, size.front.h, stack);
  let x = 0;
  const stood = (id: FaceId): NetFace => {
    const at = { x, y: foot - size[id].h, ...size[id] };
    x += size[id].w + gapMm;
    return at;
  };
  const walls = { left: stood("left"), back: stood("back"), right: stood("right"), front: stood("front") };
  const wide = Math.max(size.top.w, size.base.w);
  const lying = (id: "top" | "base", y: number): NetFace => ({ x: x + (wide - size[id].w) / 2, y, ...size[id] });
  return {
    faces: { ...walls, top: lying("top", foot - stack), base: lying("base", foot - size.base.h) },
    widthMm: x + wide,
    heightMm: foot,
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
export function toNet(face: FaceId, uMm: number, vMm: number, net: Pick<Net, "faces">): { x: number; y: number } {
  const place = net.faces[face];
  const { mirrorU, downV } = TURNED[face];
  return { x: place.x + (mirrorU ? place.w - uMm : uMm), y: place.y + (downV ? vMm : place.h - vMm) };
}

/** How a movement on the net (x right, y down) moves a point on its face. */
export const moveOnFace = (face: FaceId, dx: number, dy: number): { uMm: number; vMm: number } => ({
  uMm: TURNED[face].mirrorU ? -dx : dx,
  vMm: TURNED[face].downV ? dy : -dy,
});
