import type { Shell } from "../shell/shell";
import type { Mesh } from "../shell/wallMesh";
import type { Piece } from "./schema";
import { shapeOf } from "./shapes/list";

/** A piece in the round: a block as the box round it, a branch as a square bar from end to end. */
export const pieceMesh = ({ levels }: Pick<Shell, "levels">, piece: Piece): Mesh =>
  shapeOf(piece).mesh(piece, levels.groundMm);
