import { sameSet } from "../../units/tolerance";
import type { NestInstance, PlacedPart } from "../nest/format";
import type { BenchSheet } from "./bench";
import { type Piece, piecesAfter, samePiece } from "./pieces";

/** What a sheet at the saw still stands for, against the parts now asked for. */
export interface Standing {
  sheet: BenchSheet;
  /** Cut, and as asked for. */
  done: PlacedPart[];
  /** Still to come of it as it was laid up; none once it is to be cut another way. */
  planned: PlacedPart[];
  /** Whether it goes on as it was laid up. */
  asLaid: boolean;
  /**
   * Pieces in which other parts may be nested. Of a sheet that goes on at the saw as it was laid up, these are offcuts:
   * used where they save something, for each part nested there changes the cuts of a sheet under way.
   */
  free: Piece[];
  underWay: boolean;
  /** Cut right, and no longer asked for at that size. */
  unwanted: PlacedPart[];
}

/** Takes placed parts from what is asked for, one by one. */
function asking(parts: NestInstance["parts"]) {
  const left = new Map(parts.map((p) => [p.id, p.qty]));
  const take = (placed: PlacedPart): boolean => {
    const part = parts.find((p) => p.id === placed.partId);
    const n = left.get(placed.partId) ?? 0;
    if (!part || n === 0 || (placed.rotated && !part.rotate)) return false;
    const [w, h] = placed.rotated ? [placed.h, placed.w] : [placed.w, placed.h];
    if (!sameSet(part.w, w) || !sameSet(part.h, h)) return false;
    left.set(placed.partId, n - 1);
    return true;
  };
  /** All of them or none. */
  const takeAll = (all: PlacedPart[]): boolean => {
    const before = new Map(left);
    if (all.every(take)) return true;
    for (const [id, n] of before) left.set(id, n);
    return false;
  };
  const rest = () => parts.flatMap((p) => (left.get(p.id)! > 0 ? [{ ...p, qty: left.get(p.id)! }] : []));
  return { take, takeAll, rest };
}

/**
 * Sets the sheets at the saw against what is asked for. A part that was cut right counts; a sheet goes on as it was laid
 * up while all that is to come of it is still asked for, and otherwise what is left of it is free for other parts.
 * @param sheets of one material
 * @param parts what is asked for, sizes as sawn
 * @returns each sheet's standing, and the parts still to be nested
 */
export function standingOf(sheets: readonly BenchSheet[], parts: NestInstance["parts"]) {
  const { take, takeAll, rest } = asking(parts);
  const isCut = (sheet: BenchSheet, part: PlacedPart) => sheet.pieces.some((q) => samePiece(part, q));
  // What is cut comes before what is only planned, on whichever sheet.
  const done = sheets.map((sheet) => sheet.parts.filter((p) => isCut(sheet, p) && take(p)));
  const standings = sheets.flatMap((sheet, i): Standing[] => {
    const mine = done[i]!;
    const unwanted = sheet.parts.filter((p) => isCut(sheet, p) && !mine.includes(p));
    const toCome = sheet.parts.filter((p) => !isCut(sheet, p));
    const asLaid = !sheet.astray && takeAll(toCome);
    // What was only pinned, and is no longer asked for, is as if it had never been.
    if (sheet.pinned && !asLaid) return [];
    // What is over of a sheet that goes on as it was laid up is there for other parts too.
    const toCut = sheet.cuts.filter((_, k) => !sheet.cutsMade.includes(k));
    const last = asLaid ? piecesAfter(sheet.pieces, toCut, sheet.kerf) : sheet.pieces;
    const free = last.filter((q) => ![...mine, ...(asLaid ? toCome : [])].some((p) => samePiece(p, q)));
    return [
      {
        sheet,
        done: mine,
        planned: asLaid ? toCome : [],
        asLaid,
        free,
        unwanted,
        underWay: asLaid && unwanted.length === 0 && !sheet.pinned,
      },
    ];
  });
  return { standings, rest: rest() };
}
