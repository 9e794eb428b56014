import type { Cut } from "../nest/format";

/** A rectangle of sheet, mm from the corner of the untrimmed sheet. */
export interface Piece {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** Sizes that differ by less are the same on the bench, mm. */
export const SAME_MM = 0.05;
const same = (a: number, b: number) => Math.abs(a - b) < SAME_MM;

export const samePiece = (a: Piece, b: Piece) => same(a.x, b.x) && same(a.y, b.y) && same(a.w, b.w) && same(a.h, b.h);
export const samePlace = (a: { x: number; y: number }, b: { x: number; y: number }) => same(a.x, b.x) && same(a.y, b.y);

export const within = (inner: Piece, outer: Piece) =>
  inner.x > outer.x - SAME_MM &&
  inner.y > outer.y - SAME_MM &&
  inner.x + inner.w < outer.x + outer.w + SAME_MM &&
  inner.y + inner.h < outer.y + outer.h + SAME_MM;

/** The whole sheet once its edges are trimmed. */
export const trimmed = ({ w, h, trim }: { w: number; h: number; trim: number }): Piece => ({
  x: trim,
  y: trim,
  w: w - 2 * trim,
  h: h - 2 * trim,
});

/** The piece a cut goes right through, from edge to edge; undefined while another cut must come first. */
export function pieceUnder(cut: Cut, pieces: readonly Piece[], kerf: number): Piece | undefined {
  return pieces.find((p) => {
    const [start, size, from, length] = cut.axis === "x" ? [p.x, p.w, p.y, p.h] : [p.y, p.h, p.x, p.w];
    // A list of cuts says where a cut ends to within the blade it may lose at the sheet's edge.
    return (
      cut.at > start + SAME_MM &&
      cut.at < start + size - SAME_MM &&
      same(cut.from, from) &&
      Math.abs(cut.to - from - length) < kerf + SAME_MM
    );
  });
}

/** What a cut makes of a piece: before it, and past the blade; the second is gone where the blade takes all of it. */
export function cutPiece(piece: Piece, { axis, at }: Cut, kerf: number): [Piece, Piece | undefined] {
  if (axis === "x") {
    const rest = piece.x + piece.w - at - kerf;
    return [{ ...piece, w: at - piece.x }, rest > SAME_MM ? { ...piece, x: at + kerf, w: rest } : undefined];
  }
  const rest = piece.y + piece.h - at - kerf;
  return [{ ...piece, h: at - piece.y }, rest > SAME_MM ? { ...piece, y: at + kerf, h: rest } : undefined];
}

/** Pieces after some cuts in their order; a cut that goes right through none of them is passed over. */
export function piecesAfter(pieces: readonly Piece[], cuts: readonly Cut[], kerf: number): Piece[] {
  let now = [...pieces];
  for (const cut of cuts) {
    const under = pieceUnder(cut, now, kerf);
    if (!under) continue;
    const [first, second] = cutPiece(under, cut, kerf);
    now = [...now.filter((p) => p !== under), first, ...(second ? [second] : [])];
  }
  return now;
}
