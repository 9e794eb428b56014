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
export function dualsFor(shares: number[], most = 14): Dual[] {
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
export function dualBound(kinds: readonly Kind[], counts: readonly number[], stocks: readonly Stock[]): number {
  const used = kinds.filter((_, i) => counts[i]! > 0);
  const amounts = counts.filter((n) => n > 0);
  if (used.length === 0 || stocks.length === 0) return 0;
  const tables = stocks.map((stock) => sharesOn(stock, used));
  // Any choice of functions for each sheet is a bound. From plain areas, one sheet's pair at a time is bettered.
  const weights = tables.map((table) => weigh(table, 0, 0));
  let best = 0;
  for (let pass = 0; pass < (stocks.length > 1 ? 2 : 1); pass++)
    tables.forEach((table, s) => {
      const others = used.map((_, i) =>
        weights.reduce((least, w, t) => (t === s ? least : Math.min(least, w[i]!)), Number.POSITIVE_INFINITY),
      );
      const found = bestPair(table, others, amounts);
      if (found.sum > best) {
        best = found.sum;
        weights[s] = weigh(table, found.across, found.along);
      }
    });
  return best;
}

/** What parts take of a sheet's two sides by each function: upright, and turned where they may be. */
interface Shares {
  price: number;
  /** By function, then by part; infinite where the part is too long for that side. */
  w: Float64Array[];
  h: Float64Array[];
  /** The same with the part turned. */
  turnedW: Float64Array[];
  turnedH: Float64Array[];
}

function sharesOn(stock: Stock, kinds: Kind[]): Shares {
  const side = (size: number, upright: (k: Kind) => number, turned: (k: Kind) => number) => {
    const shares = kinds.flatMap((k) => (k.rotate ? [upright(k), turned(k)] : [upright(k)])).map((mm) => mm / size);
    const duals = dualsFor(shares.filter((x) => x <= 1));
    const taken = (of: (k: Kind) => number, may: (k: Kind) => boolean) =>
      duals.map((f) =>
        Float64Array.from(kinds, (k) => (may(k) && of(k) <= size ? f(of(k) / size) : Number.POSITIVE_INFINITY)),
      );
    return [taken(upright, () => true), taken(turned, (k) => k.rotate)] as const;
  };
  const [w, turnedW] = side(
    stock.w,
    (k) => k.w,
    (k) => k.h,
  );
  const [h, turnedH] = side(
    stock.h,
    (k) => k.h,
    (k) => k.w,
  );
  return { price: stock.price, w, h, turnedW, turnedH };
}

/** A product that is infinite where either factor is, nought or not. */
const product = (a: number, b: number) => (a + b === Number.POSITIVE_INFINITY ? a + b : a * b);

/** What each part costs of one sheet by one pair of functions, at least. */
const weigh = ({ price, w, h, turnedW, turnedH }: Shares, across: number, along: number): Float64Array =>
  w[across]!.map(
    (x, i) => price * Math.min(product(x, h[along]![i]!), product(turnedW[across]![i]!, turnedH[along]![i]!)),
  );

/** The pair of functions by which all parts together cost most, each on this sheet or on what it costs elsewhere. */
function bestPair({ price, w, h, turnedW, turnedH }: Shares, others: number[], amounts: number[]) {
  let best = { sum: 0, across: 0, along: 0 };
  for (let across = 0; across < w.length; across++) {
    const [x, xTurned] = [w[across]!, turnedW[across]!];
    for (let along = 0; along < h.length; along++) {
      const [y, yTurned] = [h[along]!, turnedH[along]!];
      let sum = 0;
      for (let i = 0; i < amounts.length; i++) {
        const upright = product(x[i]!, y[i]!);
        const turned = product(xTurned[i]!, yTurned[i]!);
        const least = Math.min(price * Math.min(upright, turned), others[i]!);
        if (least !== Number.POSITIVE_INFINITY) sum += least * amounts[i]!;
      }
      if (sum > best.sum) best = { sum, across, along };
    }
  }
  return best;
}
