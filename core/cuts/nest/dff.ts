import type { Kind, Stock } from "./tree";

/**
 * Dual feasible functions on shares of a length, 0 to 1: for shares that sum to 1 at most, so do their values. Fekete &
 * Schepers, "New classes of fast lower bounds for bin packing problems" (2001); from memory, checked by test.
 */
export type Dual = (share: number) => number;

const EPS = 1e-12;

/** Whole, or nought: shares over 1 − ε count as 1, under ε as 0. ε at most one half. */
const cutOff =
  (epsilon: number): Dual =>
  (x) =>
    x > 1 - epsilon + EPS ? 1 : x < epsilon - EPS ? 0 : x;

/** Rounds to k parts: x where (k + 1)·x is whole, else ⌊(k + 1)·x⌋ ÷ k. */
const rounded =
  (k: number): Dual =>
  (x) => {
    const scaled = (k + 1) * x;
    const near = Math.round(scaled);
    return Math.abs(scaled - near) < 1e-9 ? x : Math.floor(scaled) / k;
  };

/** Counts pieces longer than a threshold t (at most one half) by how many of length t they keep out. */
const counted =
  (t: number): Dual =>
  (x) => {
    const most = Math.floor(1 / t + 1e-9);
    if (x > 0.5 + EPS) return 1 - Math.floor((1 - x) / t + 1e-9) / most;
    return x >= t - EPS ? 1 / most : 0;
  };

/** The functions worth trying on these shares: each threshold at a share that occurs. */
export function dualsFor(shares: number[], most = 24): Dual[] {
  const small = [...new Set(shares.map((s) => Math.min(s, 1 - s)).filter((s) => s > 1e-6 && s <= 0.5))].sort(
    (a, b) => a - b,
  );
  const step = Math.max(1, Math.ceil(small.length / most));
  const picked = small.filter((_, i) => i % step === 0);
  return [
    (x) => x,
    ...picked.map((s) => cutOff(s)),
    ...picked.map((s) => counted(s)),
    ...[1, 2, 3, 4, 5, 6, 8, 10].map((k) => rounded(k)),
  ];
}

/**
 * Least cost by dual feasible functions on both sides: each part weighs what it takes of the sheet that holds it most
 * cheaply, in the orientation that takes least, so any real cutting costs as much or more.
 * @param counts how many of each kind
 * @param stocks sizes at a price; free ones are left to the caller
 */
export function dualBound(kinds: Kind[], counts: number[], stocks: Stock[]): number {
  const used = kinds.map((_, i) => i).filter((i) => counts[i]! > 0);
  if (used.length === 0 || stocks.length === 0) return 0;
  const tables = stocks.map((stock) =>
    weightsOn(
      stock,
      used.map((i) => kinds[i]!),
    ),
  );
  let best = 0;
  const pairs = tables[0]!.length;
  for (let pair = 0; pair < pairs; pair++) {
    let sum = 0;
    for (let i = 0; i < used.length; i++) {
      let least = Number.POSITIVE_INFINITY;
      for (let s = 0; s < stocks.length; s++) least = Math.min(least, tables[s]![pair]![i]! * stocks[s]!.price);
      sum += Number.isFinite(least) ? least * counts[used[i]!]! : 0;
    }
    best = Math.max(best, sum);
  }
  return best;
}

/** For each pair of functions, what each part takes of one sheet at least; infinite where it does not fit. */
function weightsOn(stock: Stock, kinds: Kind[]): Float64Array[] {
  const turned = kinds.some((k) => k.rotate);
  const across = dualsFor(
    kinds.flatMap((k) => (k.rotate ? [k.w / stock.w, k.h / stock.w] : [k.w / stock.w])).filter((x) => x <= 1),
  );
  const along = dualsFor(
    kinds.flatMap((k) => (k.rotate ? [k.h / stock.h, k.w / stock.h] : [k.h / stock.h])).filter((x) => x <= 1),
  );
  // The lists differ in length from sheet to sheet: pad them, so that pairs of several sheets can be named alike.
  const pad = (list: Dual[]): Dual[] => Array.from({ length: 58 }, (_, i) => list[i] ?? list[0]!);
  const values = (list: Dual[], size: number, side: "w" | "h") =>
    list.map((f) => kinds.map((k) => (k[side] > size ? Number.POSITIVE_INFINITY : f(k[side] / size))));
  const [fs, gs] = [pad(across), pad(along)];
  const [fw, gh] = [values(fs, stock.w, "w"), values(gs, stock.h, "h")];
  const [fh, gw] = turned ? [values(fs, stock.w, "h"), values(gs, stock.h, "w")] : [fw, gh];
  const table: Float64Array[] = [];
  for (let a = 0; a < fs.length; a++)
    for (let b = 0; b < gs.length; b++) {
      const row = new Float64Array(kinds.length);
      for (let i = 0; i < kinds.length; i++) {
        const upright = fitting(fw[a]![i]!, gh[b]![i]!);
        const lying = kinds[i]!.rotate ? fitting(fh[a]![i]!, gw[b]![i]!) : Number.POSITIVE_INFINITY;
        row[i] = Math.min(upright, lying);
      }
      table.push(row);
    }
  return table;
}

const fitting = (a: number, b: number) =>
  a === Number.POSITIVE_INFINITY || b === Number.POSITIVE_INFINITY ? Number.POSITIVE_INFINITY : a * b;
