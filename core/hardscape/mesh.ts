import type { Shell } from "../shell/shell";
import type { Vec3 } from "../shell/space";
import { boxMesh, type Mesh, prismMesh } from "../shell/wallMesh";
import { endsOf, footprint } from "./line";
import type { Piece } from "./schema";

/** A piece in the round: a block as the box round it, a branch as a square bar from end to end. */
export function pieceMesh({ levels }: Pick<Shell, "levels">, piece: Piece): Mesh {
  if (piece.shape === "block") {
    const { uMm, vMm, widthMm, heightMm } = footprint(piece);
    const foot = piece.on === "ground" ? levels.groundMm : 0;
    return boxMesh({ low: [uMm, vMm, foot], high: [uMm + widthMm, vMm + heightMm, foot + piece.height.value] });
  }
  const half = piece.thick.value / 2;
  const ring = ([x, y, z]: Vec3): Vec3[] => [
    [x, y - half, z - half],
    [x, y + half, z - half],
    [x, y + half, z + half],
    [x, y - half, z + half],
  ];
  const [a, b] = endsOf(piece);
  return prismMesh(ring(a), ring(b));
}
