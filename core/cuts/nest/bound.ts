import { dualBound } from "./dff";
import type { NestSolution } from "./format";
import type { Kind, Stock } from "./tree";

/** Whether two parts can lie on one sheet side by side, edge-to-edge cut apart. */
function pairFits(a: Kind, b: Kind, stock: Stock): boolean {
  const turns = (k: Kind): [number, number][] =>
    k.rotate
      ? [
          [k.w, k.h],
          [k.h, k.w],
        ]
      : [[k.w, k.h]];
  return turns(a).some(([aw, ah]) =>
    turns(b).some(
      ([bw, bh]) =>
        (aw + bw <= stock.w && Math.max(ah, bh) <= stock.h) || (ah + bh <= stock.h && Math.max(aw, bw) <= stock.w),
    ),
  );
}

/** Least cost of stock whose areas together reach `area`; exact over whole sheets, rack offcuts taken first. */
export function areaCost(area: number, stocks: Stock[]): number {
  const freeArea = stocks.filter((s) => s.price === 0).reduce((sum, s) => sum + s.w * s.h * Math.min(s.count, 1e6), 0);
  const priced = stocks.filter((s) => s.price > 0).sort((a, b) => a.price / (a.w * a.h) - b.price / (b.w * b.h));
  let best = Infinity;
  let visits = 0;
  const visit = (index: number, missing: number, cost: number) => {
    if (missing <= 0) {
      best = Math.min(best, cost);
      return;
    }
    const stock = priced[index];
    if (!stock || visits++ > 20_000) return;
    // The rest cannot be covered cheaper than at this stock's price per area: they come dearest last.
    if (cost + (missing * stock.price) / (stock.w * stock.h) >= best - 1e-9) return;
    const most = Math.min(stock.count, Math.ceil(missing / (stock.w * stock.h)));
    for (let n = most; n >= 0; n--) visit(index + 1, missing - n * stock.w * stock.h, cost + n * stock.price);
  };
  visit(0, area - freeArea, 0);
  return Number.isFinite(best) && visits <= 20_000 ? best : 0;
}

/**
 * Lower bound on cost and on sheets: by area, by parts of which no two can share any sheet, and by dual feasible
 * functions.
 * @param kinds parts with kerf added
 * @param counts how many of each
 * @param stocks usable sizes with kerf added
 * @param pay tells the least sum of whole sheets that reaches a cost
 */
export function lowerBound(
  kinds: Kind[],
  counts: number[],
  stocks: Stock[],
  pay = payer(kinds, counts, stocks),
): NestSolution["bound"] {
  const area = kinds.reduce((sum, k, i) => sum + k.w * k.h * counts[i]!, 0);
  if (area === 0 || stocks.length === 0) return { cost: 0, sheets: 0, proof: "none" };
  const largest = Math.max(...stocks.map((s) => s.w * s.h));
  const byArea = { cost: areaCost(area, stocks), sheets: Math.ceil(area / largest - 1e-9) };

  const loners: number[] = [];
  const order = kinds.flatMap((_, i) => Array.from({ length: Math.min(counts[i]!, 50) }, () => i));
  order.sort((a, b) => kinds[b]!.w * kinds[b]!.h - kinds[a]!.w * kinds[a]!.h);
  for (const i of order)
    if (loners.every((j) => !stocks.some((s) => pairFits(kinds[i]!, kinds[j]!, s)))) loners.push(i);
  const alone: Kind = { w: 0, h: 0, area: 0, rotate: false };
  const offcuts = stocks.filter((s) => s.price === 0);
  const cheapest = (i: number) =>
    Math.min(...stocks.filter((s) => s.price > 0 && pairFits(kinds[i]!, alone, s)).map((s) => s.price), Infinity);
  // Rack offcuts can take at most as many loners as there are offcuts, and only loners that fit one.
  const onRack = loners.filter((i) => offcuts.some((s) => pairFits(kinds[i]!, alone, s)));
  const rack = Math.min(
    onRack.length,
    offcuts.reduce((sum, s) => sum + s.count, 0),
  );
  const must = loners.filter((i) => !onRack.includes(i)).map(cheapest);
  const may = onRack
    .map(cheapest)
    .sort((a, b) => a - b)
    .slice(0, onRack.length - rack);
  const prices = [...must, ...may];
  const byPairs = {
    cost: prices.every(Number.isFinite) ? prices.reduce((a, b) => a + b, 0) : 0,
    sheets: loners.length,
  };

  const byDuals = dualCosts(kinds, counts, stocks);
  const bounds = { area: byArea, pairs: byPairs, duals: byDuals };
  /** The simplest of the three that says as much as any. */
  const strongest = (key: "cost" | "sheets") =>
    (["area", "pairs", "duals"] as const).reduce((a, b) => (bounds[b][key] > bounds[a][key] + 1e-9 ? b : a));
  const sheets = bounds[strongest("sheets")].sheets;
  const least = bounds[strongest("cost")].cost;
  const cost = pay(least);
  const proof = cost > least + 1e-9 ? "duals" : least > 0 ? strongest("cost") : strongest("sheets");
  return { cost, sheets, proof };
}

/** Tells the least sum of whole sheets that reaches a bound on the cost. */
export function payer(
  kinds: readonly Kind[],
  counts: readonly number[],
  stocks: readonly Stock[],
): (least: number) => number {
  const priced = stocks.filter((s) => s.price > 0 && s.count > 0);
  const needs = needed(kinds, counts, stocks, priced);
  return (least) => (Number.isFinite(least) ? payable(least, priced, needs) : least);
}

/** Bounds by dual feasible functions; what free offcuts can hold is taken off the cost. */
function dualCosts(kinds: Kind[], counts: number[], stocks: Stock[]): { cost: number; sheets: number } {
  const toBeHad = stocks.filter((s) => s.count > 0);
  const priced = toBeHad.filter((s) => s.price > 0);
  const asOne = dualBound(
    kinds,
    counts,
    toBeHad.map((s) => ({ ...s, price: 1 })),
  );
  // A free offcut holds no more than any sheet it could be cut from.
  const spared = toBeHad
    .filter((s) => s.price === 0)
    .reduce((sum, o) => {
      const within = priced.filter((s) => o.w <= s.w && o.h <= s.h).map((s) => s.price);
      return sum + Math.min(o.count, 1e6) * Math.min(...within, Number.POSITIVE_INFINITY);
    }, 0);
  return {
    cost: priced.length === 0 ? 0 : Math.max(0, dualBound(kinds, counts, priced) - spared),
    sheets: Math.ceil(asOne - 1e-6),
  };
}

/** How many of each priced stock the parts need that fit no other, offcuts included. */
function needed(
  kinds: readonly Kind[],
  counts: readonly number[],
  stocks: readonly Stock[],
  priced: Stock[],
): number[] {
  const fits = (k: Kind, s: Stock) => (k.w <= s.w && k.h <= s.h) || (k.rotate && k.h <= s.w && k.w <= s.h);
  return priced.map((stock) => {
    const only = kinds.map((k, i) =>
      stocks.every((s) => s === stock || s.count === 0 || !fits(k, s)) ? counts[i]! : 0,
    );
    return Math.ceil(dualBound(kinds, only, [{ ...stock, price: 1 }]) - 1e-6);
  });
}

/** A sum this little under a bound reaches it. */
const REACHED = 1e-6;

/**
 * The least sum of whole sheets that reaches `least` with so many of each at least; `least` itself where there are too
 * many ways to add them up.
 */
function payable(least: number, stocks: Stock[], needs: number[]): number {
  const sorted = stocks.map((stock, i) => ({ ...stock, needs: needs[i]! })).sort((a, b) => b.price - a.price);
  const forced = sorted.reduce((sum, s) => sum + s.price * s.needs, 0);
  let best = Number.POSITIVE_INFINITY;
  let visits = 0;
  const visit = (at: number, sum: number) => {
    if (visits++ > 5000 || sum >= best) return;
    if (sum >= least - REACHED) {
      best = sum;
      return;
    }
    const stock = sorted[at];
    if (!stock) return;
    // By the same tolerance as above: sheets too few by a hair would reach nothing, and dearer ones be taken for the least.
    const wanted = Math.ceil((least - REACHED - sum) / stock.price);
    const spare = stock.count - stock.needs;
    if (at === sorted.length - 1) {
      if (wanted <= spare) visit(at + 1, sum + wanted * stock.price);
      return;
    }
    for (let n = Math.min(spare, wanted); n >= 0; n--) visit(at + 1, sum + n * stock.price);
  };
  visit(0, forced);
  return visits > 5000 || !Number.isFinite(best) ? Math.max(least, forced) : best;
}
