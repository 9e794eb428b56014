import type { NestInstance } from "./format";
import type { Kind, Stock } from "./tree";

/** Sizes are searched in whole micrometres, so that fits are exact. */
export const UM = 1000;
const um = (mm: number) => Math.round(mm * UM);

/** An instance as the search takes it. */
export interface Problem {
  /** Distinct sizes, kerf added; equal parts are one kind, largest first. */
  kinds: Kind[];
  /** How many of each kind some sheet can give. */
  counts: number[];
  /** Which parts of the instance a kind stands for, one entry a piece. */
  pieces: number[][];
  stocks: Stock[];
  trimsMm: number[];
  kerf: number;
  /** Smallest side of an offcut worth keeping, kerf added. */
  minSide: number;
}

/** An instance in whole micrometres, the kerf added to parts and sheets alike, equal parts merged. */
export function inMicrometres(instance: NestInstance): Problem {
  const kerf = um(instance.kerf);
  const trimsMm = instance.stock.map((s) => s.trim ?? instance.trim);
  const stocks: Stock[] = instance.stock.map((s, i) => ({
    w: um(s.w - 2 * trimsMm[i]!) + kerf,
    h: um(s.h - 2 * trimsMm[i]!) + kerf,
    price: s.price,
    count: s.count ?? Number.MAX_SAFE_INTEGER,
  }));
  const merged = new Map<string, { kind: Kind; pieces: number[] }>();
  instance.parts.forEach((part, i) => {
    let [w, h] = [um(part.w) + kerf, um(part.h) + kerf];
    // A part that may be turned is the same lying and standing.
    if (part.rotate && h > w) [w, h] = [h, w];
    const key = `${w}/${h}/${part.rotate}`;
    const entry = merged.get(key) ?? { kind: { w, h, area: w * h, rotate: part.rotate }, pieces: [] };
    merged.set(key, entry);
    for (let n = 0; n < part.qty; n++) entry.pieces.push(i);
  });
  const order = [...merged.values()].sort((a, b) => b.kind.area - a.kind.area);
  const kinds = order.map((o) => o.kind);
  const fitsSome = (k: Kind) =>
    stocks.some((s) => s.count > 0 && ((k.w <= s.w && k.h <= s.h) || (k.rotate && k.h <= s.w && k.w <= s.h)));
  return {
    kinds,
    counts: order.map(({ kind, pieces }) => (fitsSome(kind) ? pieces.length : 0)),
    pieces: order.map((o) => o.pieces),
    stocks,
    trimsMm,
    kerf,
    minSide: um(instance.offcutMinSide) + kerf,
  };
}
