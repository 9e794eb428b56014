import type { Box3 } from "./boxes";
import { extent } from "./outline";
import type { ShellFace } from "./shell";
import { outwards, type Point, toSpace, type Vec3 } from "./space";

/** Triangles of a solid in the shell's space: points, and which three make each. */
export interface Mesh {
  points: Vec3[];
  triangles: [number, number, number][];
}

/** The six sides of what lies between two quadrilaterals, seen from outside. */
const SIDES = [
  [0, 3, 2, 1],
  [4, 5, 6, 7],
  [0, 1, 5, 4],
  [1, 2, 6, 5],
  [2, 3, 7, 6],
  [3, 0, 4, 7],
] as const;

/** What lies between two quadrilaterals, as a solid. @param near,far their corners, in the same order round */
export const prismMesh = (near: readonly Vec3[], far: readonly Vec3[]): Mesh => ({
  points: [...near, ...far],
  triangles: SIDES.flatMap(([a, b, c, d]): Mesh["triangles"] => [
    [a, b, c],
    [a, c, d],
  ]),
});

/** A box as a solid. */
export function boxMesh({ low, high }: Box3): Mesh {
  const at = (z: number): Vec3[] => [
    [low[0], low[1], z],
    [high[0], low[1], z],
    [high[0], high[1], z],
    [low[0], high[1], z],
  ];
  return prismMesh(at(low[2]), at(high[2]));
}

/** Strips a round quarter is approached by. */
const STRIPS = 12;

/** A wall as a solid: its outline on the inner surface, the same on the outer, and the rim between them. */
export function wallMesh(face: ShellFace): Mesh {
  const rim = face.frame.kind === "arc" ? roundRim(face.outline) : face.outline;
  const n = rim.length;
  const t = face.material.thicknessMm;
  const inner = rim.map((p) => toSpace(face.frame, p));
  const outer = inner.map((at, i): Vec3 => {
    const out = outwards(face.frame, rim[i]!);
    return [at[0] + out[0] * t, at[1] + out[1] * t, at[2] + out[2] * t];
  });
  const triangles: Mesh["triangles"] = [];
  const surface = face.frame.kind === "arc" ? ladder(n) : fan(n);
  for (const [a, b, c] of surface) triangles.push([a, b, c], [n + a, n + c, n + b]);
  for (let i = 0; i < n; i++) {
    const j = (i + 1) % n;
    triangles.push([i, n + i, j], [j, n + i, n + j]);
  }
  return { points: [...inner, ...outer], triangles };
}

/** Foot edge from left to right in strips, then the rim edge back. */
function roundRim(outline: readonly Point[]): Point[] {
  const [a, b, c, d] = outline as [Point, Point, Point, Point];
  const between = (p: Point, q: Point) =>
    Array.from({ length: STRIPS + 1 }, (_, i): Point => {
      const share = i / STRIPS;
      return [p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share];
    });
  return [...between(a, b), ...between(c, d)];
}

const fan = (n: number): [number, number, number][] => Array.from({ length: n - 2 }, (_, i) => [0, i + 1, i + 2]);

/** Quads between the foot edge and the rim edge that runs back over it. */
const ladder = (n: number): [number, number, number][] =>
  Array.from({ length: n / 2 - 1 }, (_, i): [number, number, number][] => [
    [i, i + 1, n - 1 - i],
    [i + 1, n - 2 - i, n - 1 - i],
  ]).flat();

/** Where a face's middle is, and which way is out: for pulling a model apart. */
export function facing(face: ShellFace): { at: Vec3; out: Vec3 } {
  const { uMm, vMm, widthMm, heightMm } = extent(face.outline);
  const middle: Point = [uMm + widthMm / 2, vMm + heightMm / 2];
  return { at: toSpace(face.frame, middle), out: outwards(face.frame, middle) };
}
