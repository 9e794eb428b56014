import type { Shell } from "../shell/shell";
import type { Vec3 } from "../shell/space";
import type { Mesh } from "../shell/wallMesh";
import { endsOf, footprint } from "./line";
import type { Piece } from "./schema";

const QUADS = [
  [0, 3, 2, 1],
  [4, 5, 6, 7],
  [0, 1, 5, 4],
  [1, 2, 6, 5],
  [2, 3, 7, 6],
  [3, 0, 4, 7],
] as const;

/** A prism between two quadrilaterals, each in the same order round. */
const prism = (near: readonly Vec3[], far: readonly Vec3[]): Mesh => ({
  points: [...near, ...far],
  triangles: QUADS.flatMap(([a, b, c, d]): [number, number, number][] => [
    [a, b, c],
    [a, c, d],
  ]),
});

/** A piece in the round: a block as the box round it, a branch as a square bar from end to end. */
export function pieceMesh({ levels }: Pick<Shell, "levels">, piece: Piece): Mesh {
  if (piece.shape === "block") {
    const { uMm, vMm, widthMm, heightMm } = footprint(piece);
    const foot = piece.on === "ground" ? levels.groundMm : 0;
    const at = (z: number): Vec3[] => [
      [uMm, vMm, z],
      [uMm + widthMm, vMm, z],
      [uMm + widthMm, vMm + heightMm, z],
      [uMm, vMm + heightMm, z],
    ];
    return prism(at(foot), at(foot + piece.height.value));
  }
  const half = piece.thick.value / 2;
  const ring = ([x, y, z]: Vec3): Vec3[] => [
    [x, y - half, z - half],
    [x, y + half, z - half],
    [x, y + half, z + half],
    [x, y - half, z + half],
  ];
  const [a, b] = endsOf(piece);
  return prism(ring(a), ring(b));
}
