import { atLeast, atMost, over, SET_MM, same, sameSet, under } from "../../units/tolerance";
import type { Cut } from "../nest/format";

/** A rectangle of sheet, mm from the corner of the untrimmed sheet. */
export interface Piece {
  x: number;
  y: number;
  w: number;
  h: number;
}

export const samePiece = (a: Piece, b: Piece) =>
  sameSet(a.x, b.x) && sameSet(a.y, b.y) && sameSet(a.w, b.w) && sameSet(a.h, b.h);
export const samePlace = (a: { x: number; y: number }, b: { x: number; y: number }) =>
  sameSet(a.x, b.x) && sameSet(a.y, b.y);

export const within = (inner: Piece, outer: Piece) =>
  atLeast(inner.x, outer.x, SET_MM) &&
  atLeast(inner.y, outer.y, SET_MM) &&
  atMost(inner.x + inner.w, outer.x + outer.w, SET_MM) &&
  atMost(inner.y + inner.h, outer.y + outer.h, SET_MM);

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
      over(cut.at, start, SET_MM) &&
      under(cut.at, start + size, SET_MM) &&
      sameSet(cut.from, from) &&
      same(cut.to - from, length, kerf + SET_MM)
    );
  });
}

/** What a cut makes of a piece: before it, and past the blade; the second is gone where the blade takes all of it. */
export function cutPiece(piece: Piece, { axis, at }: Cut, kerf: number): [Piece, Piece | undefined] {
  if (axis === "x") {
    const rest = piece.x + piece.w - at - kerf;
    return [{ ...piece, w: at - piece.x }, over(rest, 0, SET_MM) ? { ...piece, x: at + kerf, w: rest } : undefined];
  }
  const rest = piece.y + piece.h - at - kerf;
  return [{ ...piece, h: at - piece.y }, over(rest, 0, SET_MM) ? { ...piece, y: at + kerf, h: rest } : undefined];
}

/** Pieces after some cuts in their order; a cut that goes right through none of them is passed over. */
export function piecesAfter(pieces: readonly Piece[], cuts: readonly Cut[], kerf: number): Piece[] {
  let now = [...pieces];
  for (const cut of cuts) {
    const through = pieceUnder(cut, now, kerf);
    if (!through) continue;
    const [first, second] = cutPiece(through, cut, kerf);
    now = [...now.filter((p) => p !== through), first, ...(second ? [second] : [])];
  }
  return now;
}
