import { sameSet } from "../../units/tolerance";
import type { Cut } from "../nest/format";
import { cutPiece, type Piece, pieceUnder, samePiece, within } from "../record/pieces";
import type { SawSheet } from "../record/sawSheet";

/** One cut at the saw. */
export interface SawCut {
  /** Its place in the sheet's list of cuts. */
  index: number;
  cut: Cut;
  /** What is cut apart. */
  piece: Piece;
  /** Finished size between fence and blade, mm. */
  settingMm: number;
  /** The edge of the piece that lies on the fence: trimmed or cut before. */
  datum: "left" | "top" | "right" | "bottom";
  /** Parts that this cut finishes. */
  finishes: string[];
  /** Parts that are still to be cut from the measured side, where it is not finished by this cut. */
  strip: string[];
  made: boolean;
}

/** Cuts of one fence setting that follow one another. */
export interface Setting {
  axis: "x" | "y";
  settingMm: number;
  cuts: SawCut[];
}

/**
 * The order in which the cuts of a sheet are made: a cut only once it goes right through a piece, rips along the sheet
 * before cuts across it, and one fence setting as long as there is work for it.
 * @returns every cut of the sheet, those made first
 */
export function sawOrder(sheet: SawSheet): SawCut[] {
  const { w, h, trim } = sheet.stock;
  let pieces: Piece[] = [{ x: trim, y: trim, w: w - 2 * trim, h: h - 2 * trim }];
  const rip = w >= h ? "y" : "x";
  const order: SawCut[] = [];
  const make = (next: SawCut) => {
    order.push(next);
    const [first, second] = cutPiece(next.piece, next.cut, sheet.kerf);
    pieces = [...pieces.filter((p) => p !== next.piece), first, ...(second ? [second] : [])];
  };
  const open = new Set(sheet.cuts.keys());
  for (const index of sheet.cutsMade) {
    const cut = sheet.cuts[index]!;
    open.delete(index);
    const piece = pieceUnder(cut, pieces, sheet.kerf);
    if (piece) make(sawCut(sheet, index, piece, true));
    else order.push(sawCut(sheet, index, pieceAbout(cut, pieces), true));
  }
  // What was spoiled or racked since is told by what the sheet is in now.
  pieces = [...sheet.pieces];
  while (open.size > 0) {
    const can = [...open].flatMap((index) => {
      const piece = pieceUnder(sheet.cuts[index]!, pieces, sheet.kerf);
      return piece ? [sawCut(sheet, index, piece, false)] : [];
    });
    const last = order.at(-1);
    const asSet = (c: SawCut) =>
      last !== undefined && c.cut.axis === last.cut.axis && sameSet(c.settingMm, last.settingMm);
    const rank = (c: SawCut) => (asSet(c) ? 0 : c.cut.axis === rip ? 1 : 2);
    const next = can.sort((a, b) => rank(a) - rank(b) || b.settingMm - a.settingMm || a.index - b.index)[0];
    if (!next) break;
    open.delete(next.index);
    make(next);
  }
  return order;
}

/** About what a cut went through when that piece had been made smaller first, because a part came out wrong. */
function pieceAbout({ axis, at, from, to }: Cut, pieces: readonly Piece[]): Piece {
  const along = axis === "x";
  const held = pieces.find(({ x, y, w, h }) =>
    along ? x < at && at < x + w && y <= from && from < y + h : y < at && at < y + h && x <= from && from < x + w,
  ) ?? { x: 0, y: 0, w: 2 * at, h: 2 * at };
  return along ? { ...held, y: from, h: to - from } : { ...held, x: from, w: to - from };
}

function sawCut(sheet: SawSheet, index: number, piece: Piece, made: boolean): SawCut {
  const cut = sheet.cuts[index]!;
  const [first, second] = cutPiece(piece, cut, sheet.kerf);
  const part = (p: Piece | undefined) => (p ? sheet.parts.find((q) => samePiece(p, q)) : undefined);
  // Where only the far side is a finished part, it is the one to be measured.
  const far = second !== undefined && part(second) !== undefined && part(first) === undefined;
  const measured = far ? second : first;
  const across = cut.axis === "x";
  return {
    index,
    cut,
    piece,
    settingMm: across ? measured.w : measured.h,
    datum: across ? (far ? "right" : "left") : far ? "bottom" : "top",
    finishes: [part(first), part(second)].flatMap((p) => (p ? [p.partId] : [])),
    strip: part(measured) ? [] : sheet.parts.filter((p) => within(p, measured)).map((p) => p.partId),
    made,
  };
}

/** The order as fence settings. */
export function settingsOf(order: readonly SawCut[]): Setting[] {
  const settings: Setting[] = [];
  for (const cut of order) {
    const last = settings.at(-1);
    if (last && last.axis === cut.cut.axis && sameSet(last.settingMm, cut.settingMm)) last.cuts.push(cut);
    else settings.push({ axis: cut.cut.axis, settingMm: cut.settingMm, cuts: [cut] });
  }
  return settings;
}

/**
 * Where a straight edge is clamped for a saw that runs along it.
 * @param settingMm finished size from the datum edge to the blade
 * @param offsetMm from the saw's edge on the guide to the near side of its blade; 0 where the guide's edge is the cut
 * @param kerfMm what the blade takes
 * @returns the guide's edge from the datum edge, mm, and on which side of the cut it lies: past it where there is no room before
 */
export function guideAt(
  settingMm: number,
  offsetMm: number,
  kerfMm: number,
): { atMm: number; side: "before" | "past" } {
  return offsetMm <= settingMm
    ? { atMm: settingMm - offsetMm, side: "before" }
    : { atMm: settingMm + kerfMm + offsetMm, side: "past" };
}
