/** A point or direction in the shell's space, mm: x left to right, y front to back, z up, from the inside front left corner. */
export type Vec3 = readonly [number, number, number];
/** A point of a face, mm. */
export type Point = readonly [u: number, v: number];

/** How a face lies in space: flat, or a quarter of a round wall. */
export type Frame =
  | { kind: "plane"; origin: Vec3; u: Vec3; v: Vec3; out: Vec3 }
  | {
      kind: "arc";
      /** Middle of the round on the floor. */
      centre: readonly [number, number];
      footRadiusMm: number;
      rimRadiusMm: number;
      heightMm: number;
      /** Direction of the quarter's middle line, radians from x towards y, and which way u runs round. */
      middle: number;
      turn: 1 | -1;
      /** u of the middle line. */
      middleU: number;
    };

const along = (from: Vec3, u: Vec3, a: number, v: Vec3, b: number): Vec3 => [
  from[0] + u[0] * a + v[0] * b,
  from[1] + u[1] * a + v[1] * b,
  from[2] + u[2] * a + v[2] * b,
];

/** Length of a round wall up its slope, mm. */
export const slantMm = (riseMm: number, runMm: number): number => Math.hypot(riseMm, runMm);

/** A point of a face's inner surface in space. Lengths along u and v are true on the face: v runs up the slope. */
export function toSpace(frame: Frame, [u, v]: Point): Vec3 {
  if (frame.kind === "plane") return along(frame.origin, frame.u, u, frame.v, v);
  const { centre, footRadiusMm, rimRadiusMm, heightMm, middle, turn, middleU } = frame;
  const share = v / slantMm(heightMm, rimRadiusMm - footRadiusMm);
  const radius = footRadiusMm + share * (rimRadiusMm - footRadiusMm);
  const angle = middle + (turn * (u - middleU)) / radius;
  return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle), share * heightMm];
}

/** Which way is out of the shell at a point of a face. */
export function outwards(frame: Frame, [u, v]: Point): Vec3 {
  if (frame.kind === "plane") return frame.out;
  const { centre } = frame;
  const [x, y] = toSpace(frame, [u, v]);
  const length = Math.hypot(x - centre[0], y - centre[1]);
  return [(x - centre[0]) / length, (y - centre[1]) / length, 0];
}

/** Height above the base of a point of a wall. */
export const heightOf = (frame: Frame, v: number): number =>
  frame.kind === "plane"
    ? frame.origin[2] + frame.v[2] * v
    : (frame.heightMm * v) / slantMm(frame.heightMm, frame.rimRadiusMm - frame.footRadiusMm);

/** Where on a wall a height above the base is. */
export const vAtHeight = (frame: Frame, zMm: number): number => {
  const perV = heightOf(frame, 1) - heightOf(frame, 0);
  return perV === 0 ? 0 : (zMm - heightOf(frame, 0)) / perV;
};
