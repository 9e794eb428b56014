import type { Piece } from "../schema";
import { block } from "./block";
import { branch } from "./branch";
import type { Shape } from "./shape";

const SHAPES = { block, branch };

/** What a piece's shape says of it. */
export const shapeOf = ({ shape }: Pick<Piece, "shape">): Shape<Piece> => SHAPES[shape] as Shape<Piece>;
