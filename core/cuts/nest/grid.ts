import type { Kind, Stock } from "./tree";

/** A part as it may lie, in whole steps of a grid. */
export interface Entry {
  kind: number;
  /** Turned against how the kind is given. */
  turned: boolean;
  w: number;
  h: number;
}

/** Parts and sheets in whole steps, such that whatever fits a sheet also fits it in steps. */
export interface Grid {
  entries: Entry[];
  /** Each stock's sides in steps. */
  stocks: { w: number; h: number }[];
  /** Micrometres a step on either axis; undefined where the steps only bound, and a pattern in steps may not be cut. */
  step: { w: number; h: number } | undefined;
  /** Sides a block of parts can have, 0 and the largest sheet's included, ascending. */
  widths: Int32Array;
  heights: Int32Array;
}

type Side = "w" | "h";

/** What is looked at for one grid, in cells times cuts, at most: about 20 ms of filling where it is exact, 6 where not. */
const MOST_WORK = { exact: 1.2e7, rounded: 4e6 } as const;
/** Kinds beyond which rounding gives too much away to be worth its time. */
const MOST_ROUNDED = 40;
/** How far below the finest that can be afforded a grid is sought that loses less. */
const COARSEST = 0.6;

/** Steps to a sheet's two sides, and ways for parts to lie, beyond which parts are not raised: it takes long and gains little. */
const MOST_RAISED = 1000;
const MOST_LYINGS = 80;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
const work = (m: number, n: number) => (m * n * (m + n)) / 4;

/**
 * Sums that so many of the parts can reach side by side, up to `most`: a cut anywhere else can be moved to one of them
 * (normal patterns: Herz 1972, Christofides & Whitlock 1977; from memory).
 */
function reachable(entries: readonly Entry[], counts: readonly number[], side: Side, most: number): Int32Array {
  const on = new Uint8Array(most + 1);
  on[0] = 1;
  const byKind = new Map<number, Set<number>>();
  for (const e of entries) {
    const sizes = byKind.get(e.kind) ?? new Set<number>();
    byKind.set(e.kind, sizes.add(e[side]));
  }
  for (const [kind, sizes] of byKind)
    for (let n = counts[kind]!; n > 0; n--) {
      let grew = false;
      for (let x = most; x >= 0; x--)
        if (on[x] === 0)
          for (const size of sizes)
            if (size > 0 && x >= size && on[x - size] === 1) {
              on[x] = 1;
              grew = true;
              break;
            }
      if (!grew) break;
    }
  on[most] = 1;
  return Int32Array.from(on.keys()).filter((x) => on[x] === 1);
}

/** How the parts may lie, those that fit some stock. */
function lyings(kinds: readonly Kind[], counts: readonly number[], stocks: readonly Stock[]): Entry[] {
  return kinds.flatMap((k, kind) => {
    if (counts[kind] === 0) return [];
    const ways = [{ kind, turned: false, w: k.w, h: k.h }];
    if (k.rotate && k.w !== k.h) ways.push({ kind, turned: true, w: k.h, h: k.w });
    return ways.filter((e) => stocks.some((s) => s.count > 0 && e.w <= s.w && e.h <= s.h));
  });
}

/**
 * The grid to reckon patterns on: exact where the sides share a step that can be afforded, else one that rounds in favour
 * of the sheet, so that a bound on it is one on the parts.
 * @param kinds parts, µm with kerf
 * @param counts how many of each
 * @param stocks sheets, µm with kerf
 */
export function gridFor(kinds: readonly Kind[], counts: readonly number[], stocks: readonly Stock[]): Grid | undefined {
  const entries = lyings(kinds, counts, stocks);
  if (entries.length === 0) return undefined;
  const exact = exactGrid(entries, counts, stocks);
  if (exact) return exact;
  if (new Set(entries.map((e) => e.kind)).size > MOST_ROUNDED) return undefined;
  const [W, H] = [Math.max(...stocks.map((s) => s.w)), Math.max(...stocks.map((s) => s.h))];
  // As many steps along as across for their lengths, of what can be afforded.
  const across = Math.cbrt((MOST_WORK.rounded * 4) / ((H / W) * (1 + H / W)));
  const w = finest(entries, counts, stocks, "w", Math.floor(across));
  const h = finest(entries, counts, stocks, "h", Math.floor((across * H) / W));
  const all = entries.map((e, i) => ({ ...e, w: w.sizes[i]!, h: h.sizes[i]! }));
  // What is under one step takes nothing, and so bounds nothing.
  const small = new Set(all.filter((e) => e.w === 0 || e.h === 0).map((e) => e.kind));
  const rounded = all.filter((e) => !small.has(e.kind));
  const sides = stocks.map((_, i) => ({ w: w.stocks[i]!, h: h.stocks[i]! }));
  const raised = sides.length === 1 ? raise(raise(rounded, counts, "w", w.most), counts, "h", h.most) : rounded;
  return {
    entries: raised,
    stocks: sides,
    step: undefined,
    widths: withStocks(reachable(raised, counts, "w", w.most), sides, "w"),
    heights: withStocks(reachable(raised, counts, "h", h.most), sides, "h"),
  };
}

/** The reachable sides, and each stock's own. */
const withStocks = (reached: Int32Array, stocks: readonly { w: number; h: number }[], side: Side): Int32Array =>
  Int32Array.from(new Set([...reached, ...stocks.map((s) => s[side])])).sort();

function exactGrid(entries: Entry[], counts: readonly number[], stocks: readonly Stock[]): Grid | undefined {
  const stepOf = (side: Side) => [...entries, ...stocks].map((x) => x[side]).reduce(gcd);
  const step = { w: stepOf("w"), h: stepOf("h") };
  const inSteps = entries.map((e) => ({ ...e, w: e.w / step.w, h: e.h / step.h }));
  const sides = stocks.map((s) => ({ w: s.w / step.w, h: s.h / step.h }));
  const most = { w: Math.max(...sides.map((s) => s.w)), h: Math.max(...sides.map((s) => s.h)) };
  if (most.w > 60_000 || most.h > 60_000) return undefined;
  const reach = (of: Entry[]) => ({
    widths: withStocks(reachable(of, counts, "w", most.w), sides, "w"),
    heights: withStocks(reachable(of, counts, "h", most.h), sides, "h"),
  });
  const plain = reach(inSteps);
  if (work(plain.widths.length, plain.heights.length) > MOST_WORK.exact) return undefined;
  if (stocks.length > 1 || most.w + most.h > MOST_RAISED || entries.length > MOST_LYINGS)
    return { entries: inSteps, stocks: sides, step, ...plain };
  const raised = raise(raise(inSteps, counts, "w", most.w), counts, "h", most.h);
  return { entries: raised, stocks: sides, step, ...reach(raised) };
}

/**
 * Sides in steps, one more to the sheet than it has: a part takes the steps it fills, less the last where that is just
 * full. Parts that sum to a sheet or less then fill fewer than its steps and one, so its steps hold them.
 */
function inStepsOf(most: number, longest: number): (size: number) => number {
  return (size) => Math.max(0, Math.ceil((size * (most + 1)) / longest - 1e-9) - 1);
}

/** The number of steps, near the finest, that gives away least. */
function finest(
  entries: readonly Entry[],
  counts: readonly number[],
  stocks: readonly Stock[],
  side: Side,
  affordable: number,
): { sizes: number[]; stocks: number[]; most: number } {
  const longest = Math.max(...stocks.map((s) => s[side]));
  let best = { most: affordable, kept: -1 };
  for (let most = Math.max(2, Math.floor(affordable * COARSEST)); most <= affordable; most++) {
    const steps = inStepsOf(most, longest);
    const kept = entries.reduce((sum, e) => sum + counts[e.kind]! * (e.w * e.h) * (steps(e[side]) / most / e[side]), 0);
    if (kept > best.kept) best = { most, kept };
  }
  const steps = inStepsOf(best.most, longest);
  return { sizes: entries.map((e) => steps(e[side])), stocks: stocks.map((s) => steps(s[side])), most: best.most };
}

/**
 * Sides made longer by what nothing can fill beside them, one part at a time: nothing that fitted is lost. Parts of which
 * several can lie side by side share it.
 */
function raise(entries: Entry[], counts: readonly number[], side: Side, most: number): Entry[] {
  const raised = [...entries];
  raised.forEach((e, i) => {
    const others = counts.map((n, kind) => (kind === e.kind ? n - 1 : n));
    const reached = reachable(raised, others, side, most);
    const room = most - e[side];
    // The sheet's own side is in the list whether parts reach it or not: only what lies beside counts.
    const beside = reached.reduce((best, x) => (x <= room && x > best && x < most ? x : best), 0);
    const abreast = Math.min(counts[e.kind]!, Math.floor(most / e[side]));
    raised[i] = { ...e, [side]: e[side] + Math.floor((room - beside) / abreast) };
  });
  return raised;
}
