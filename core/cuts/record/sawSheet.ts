import type { NestInstance, NestSheet, PlacedPart } from "../nest/format";
import { type Piece, piecesAfter, pieceUnder, samePiece, trimmed, within } from "./pieces";
import type { LaidSheet } from "./schema";
import type { Standing } from "./standing";

/** A sheet to draw and to saw: at the saw already, or the plan's. */
export interface SawSheet extends LaidSheet {
  /** Places in `cuts` of those made. */
  cutsMade: number[];
  /** What it is in now. */
  pieces: Piece[];
  /** Parts of it that are cut. */
  done: PlacedPart[];
  /** Left over whole once all is cut, and worth keeping; largest first. */
  offcuts: Piece[];
  /** Parts that stay where they are by the builder's word. */
  pinned: PlacedPart[];
  /** Whether it is at the saw, and whether the log knows it as it is here. */
  atSaw: boolean;
  asLaid: boolean;
}

const largestFirst = (a: Piece, b: Piece) => b.w * b.h - a.w * a.h;

/** The name a free piece of a sheet has as stock. */
export const pieceId = (sheetId: string, i: number) => `${sheetId}/piece-${i + 1}`;

/** What is nested in a piece, moved to where the piece lies on its sheet. */
const moved = ({ parts, cuts }: NestSheet, { x, y }: Piece): Pick<NestSheet, "parts" | "cuts"> => ({
  parts: parts.map((p) => ({ ...p, x: p.x + x, y: p.y + y })),
  cuts: cuts.map((c) => {
    const [across, along] = c.axis === "x" ? [x, y] : [y, x];
    return { ...c, at: c.at + across, from: c.from + along, to: c.to + along };
  }),
});

/**
 * A sheet at the saw as it now is: what is done, what is still to come, and what else was nested in its pieces.
 * @param filled by the name of the piece, what the nesting put there
 */
export function sheetNow(
  { sheet, done, planned, asLaid, free }: Standing,
  filled: ReadonlyMap<string, NestSheet>,
  minSideMm: number,
): SawSheet {
  const fillings = free.flatMap((piece, i) => {
    const found = filled.get(pieceId(sheet.id, i));
    return found ? [moved(found, piece)] : [];
  });
  const kept = asLaid ? sheet.cuts : sheet.cutsMade.map((i) => sheet.cuts[i]!);
  const cuts = [...kept, ...fillings.flatMap((f) => f.cuts)];
  const cutsMade = asLaid ? sheet.cutsMade : kept.map((_, i) => i);
  const parts = [...done, ...planned, ...fillings.flatMap((f) => f.parts)];
  const toCome = cuts.filter((_, i) => !cutsMade.includes(i));
  const offcuts = piecesAfter(sheet.pieces, toCome, sheet.kerf)
    .filter((p) => p.w >= minSideMm && p.h >= minSideMm && !parts.some((q) => samePiece(p, q)))
    .sort(largestFirst);
  const { id, material, stock, kerf, pieces } = sheet;
  const same = asLaid && fillings.length === 0;
  return {
    ...{ id, material, stock, kerf, pieces, parts, cuts, cutsMade, done, offcuts },
    made: cutsMade.length,
    pinned: sheet.pinned ? planned : [],
    atSaw: !sheet.pinned,
    asLaid: same && !sheet.pinned,
  };
}

/** A sheet of a nesting, not yet at the saw. */
export function sheetToCome(
  id: string,
  material: string,
  instance: NestInstance,
  sheet: NestSheet,
  isRack: (stockId: string) => boolean,
): SawSheet {
  const of = instance.stock.find((s) => s.id === sheet.stock)!;
  const stock = { id: of.id, w: of.w, h: of.h, price: of.price, trim: of.trim ?? instance.trim, rack: isRack(of.id) };
  return {
    ...{ id, material, stock, kerf: instance.kerf, parts: sheet.parts, cuts: sheet.cuts, offcuts: sheet.offcuts },
    ...{ made: 0, cutsMade: [], pieces: [trimmed(stock)], done: [], pinned: [], atSaw: false, asLaid: false },
  };
}

/** A sheet of which only some parts are to stay: those, and the cuts that free them. */
export function pinnedOf(sheet: SawSheet, kept: readonly PlacedPart[]): LaidSheet {
  let pieces = sheet.pieces;
  const cuts = layUp(sheet).cuts.filter((cut) => {
    const under = pieceUnder(cut, pieces, sheet.kerf);
    if (!under || !kept.some((p) => within(p, under) && !samePiece(p, under))) return false;
    pieces = piecesAfter(pieces, [cut], sheet.kerf);
    return true;
  });
  return { ...layUp(sheet), parts: [...kept], cuts, made: 0 };
}

/** A sheet as the log is told of it: cuts made come first, in the order they were made. */
export function layUp({ id, material, stock, kerf, parts, cuts, cutsMade }: SawSheet): LaidSheet {
  const made = cutsMade.map((i) => cuts[i]!);
  return {
    ...{ id, material, stock, kerf, parts: [...parts], made: made.length },
    cuts: [...made, ...cuts.filter((c) => !made.includes(c))],
  };
}
