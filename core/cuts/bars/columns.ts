import { floor } from "../../units/tolerance";
import { CoveringMaster } from "../linear/master";
import { fillings } from "./knapsack";

/** Lengths to be had from bars, in whole units, kerf already added to pieces and bars alike. */
export interface BarProblem {
  pieces: { length: number; count: number }[];
  bars: { length: number; price: number; count: number }[];
}

/** A way to cut one bar. */
export interface Pattern {
  bar: number;
  counts: number[];
}

/** A lower bound, the patterns it was made of, and how much is taken of those that are: whole numbers would be a cutting. */
export interface ColumnAnswer {
  bound: number;
  patterns: Pattern[];
  taken: { pattern: Pattern; amount: number }[];
}

const MOST_ROUNDS = 400;
/** Patterns added for each kind of bar in one round. */
const COLUMNS_A_ROUND = 20;
/** A pattern must be worth this much more than its bar to be new: the programme's own figures are no finer. */
const FINE = 1e-6;
/** How much of the duals asked about is the programme's, the rest those of the best bound: steadier, so sooner done. */
const STEADY = 0.4;

/**
 * Column generation (Gilmore & Gomory, "A linear programming approach to the cutting-stock problem", 1961; from memory,
 * checked by test): the least that any cutting costs, fractions of patterns allowed, which in one dimension is mostly
 * within one bar of the truth.
 * @param problem pieces that each fit some bar; `count` infinite for bars without limit
 * @param goOn asked between rounds; false ends it with the bound so far
 * @param enough whether a bound need not be bettered, told besides what the patterns so far come to, which no bound passes
 * @param begin patterns to begin with
 * @param most rounds
 */
export function columnBound(
  problem: BarProblem,
  goOn: () => boolean = () => true,
  enough: (bound: number, value: number) => boolean = () => false,
  begin: readonly Pattern[] = [],
  most = Number.POSITIVE_INFINITY,
): ColumnAnswer {
  const { pieces, bars } = problem;
  const limited = bars.flatMap((b, i) => (Number.isFinite(b.count) ? [i] : []));
  // A piece that limited bars cannot give is bought at a price no cutting pays.
  const master = new CoveringMaster(
    [...pieces.map((p) => p.count), ...limited.map((i) => -bars[i]!.count)],
    1e4 * Math.max(1, ...bars.map((b) => b.price)),
  );
  const patterns: Pattern[] = [];
  const known = new Set<string>();
  /** Whether the pattern is new. */
  const take = (bar: number, counts: number[]): boolean => {
    const rows: number[] = [];
    const gives: number[] = [];
    for (let i = 0; i < counts.length; i++)
      if (counts[i]! > 0) {
        rows.push(i);
        gives.push(counts[i]!);
      }
    const key = `${bar}:${rows.join()}:${gives.join()}`;
    if (rows.length === 0 || known.has(key)) return false;
    known.add(key);
    patterns.push({ bar, counts });
    const limit = limited.indexOf(bar);
    master.add({
      cost: bars[bar]!.price,
      rows: limit < 0 ? rows : [...rows, pieces.length + limit],
      gives: limit < 0 ? gives : [...gives, -1],
    });
    return true;
  };
  // To begin with: each piece alone, as many as a bar holds.
  for (const { bar, counts } of begin) if (bars[bar]!.count > 0) take(bar, counts);
  bars.forEach(({ length, count }, bar) => {
    if (count === 0) return;
    pieces.forEach((piece, i) => {
      const most = Math.min(floor(length / piece.length), Math.max(1, Math.ceil(piece.count)));
      if (most > 0)
        take(
          bar,
          pieces.map((_, k) => (k === i ? most : 0)),
        );
    });
  });
  let bound = 0;
  let steady: Float64Array | undefined;
  /** Tries duals: raises the bound by them, and takes up the patterns worth more than their bar; whether any was new. */
  const ask = (duals: Float64Array, patient = false): boolean => {
    const items = pieces.map((p, i) => ({ length: p.length, value: duals[i]!, most: Math.ceil(p.count) }));
    let fresh = false;
    let shrink = 1;
    let exact = true;
    let limitedCost = 0;
    bars.forEach((bar, b) => {
      if (bar.count === 0) return;
      const row = limited.indexOf(b);
      const limit = row < 0 ? 0 : duals[pieces.length + row]!;
      if (row >= 0) limitedCost += limit * bar.count;
      const worth = bar.price + limit;
      const found = fillings(items, bar.length, worth + FINE, COLUMNS_A_ROUND, patient);
      for (const { counts } of found.best) fresh = take(b, counts) || fresh;
      // Where none is worth more than its bar, one may be by that little.
      const most = found.best[0]?.value ?? worth + FINE;
      if (row < 0) shrink = Math.min(shrink, worth / most);
      else limitedCost += (most - worth) * bar.count;
      exact &&= found.exact;
    });
    // Duals made smaller until no pattern is worth more than its bar are a bound at any time (Farley 1990, from memory);
    // where bars are limited, so are those that charge each bar what its best pattern is worth more.
    const dualsSum = items.reduce((sum, item, i) => sum + item.value * pieces[i]!.count, 0);
    if (exact && shrink * dualsSum - limitedCost > bound) {
      bound = shrink * dualsSum - limitedCost;
      steady = duals;
    }
    return fresh || (!exact && ask(duals, true));
  };
  for (let round = 0; round < Math.min(most, MOST_ROUNDS) && goOn(); round++) {
    const { duals, value } = master.solve(goOn);
    if (enough(bound, value)) break;
    const proposal = duals.map((d) => Math.max(0, d));
    const center = steady;
    const mixed = center && proposal.map((d, i) => STEADY * d + (1 - STEADY) * center[i]!);
    if (mixed && (ask(mixed) || enough(bound, value))) continue;
    if (!ask(proposal)) break;
  }
  const { taken } = master.solve(goOn);
  return { bound, patterns, taken: [...taken].map(([at, amount]) => ({ pattern: patterns[at]!, amount })) };
}
