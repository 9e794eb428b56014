import type { LinearProgram, SolveLinear } from "../linear/linear";
import { fillBest, fillingsWorth } from "./knapsack";

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

const MOST_ROUNDS = 400;
/** Patterns added for each kind of bar in one round. */
const COLUMNS_A_ROUND = 20;
/** Rounds a pattern may stand unused. */
const SET_ASIDE_AFTER = 8;
/** A pattern must be worth this much more than its bar to be new: the solver's own figures are no finer. */
const FINE = 1e-6;
const columnOf = ({ bar, counts }: Pattern, { bars, pieces }: BarProblem): LinearProgram["columns"][number] => ({
  cost: bars[bar]!.price,
  rows: [
    ...counts.flatMap((of, row) => (of > 0 ? [{ row, of }] : [])),
    ...(Number.isFinite(bars[bar]!.count) ? [{ row: pieces.length + bar, of: 1 }] : []),
  ],
});

/**
 * Column generation (Gilmore & Gomory, "A linear programming approach to the cutting-stock problem", 1961; from memory,
 * checked by test): the least that any cutting costs, fractions of patterns allowed, which in one dimension is mostly
 * within one bar of the truth.
 * @param problem pieces that each fit some bar; `count` infinite for bars without limit
 * @param solve a solver of linear programmes
 * @param goOn asked between rounds; false ends it with the bound so far
 * @returns the lower bound and the patterns it was made of; undefined when the solver gives up
 */
export function columnBound(
  problem: BarProblem,
  solve: SolveLinear,
  goOn: () => boolean = () => true,
): { bound: number; patterns: Pattern[] } | undefined {
  const { pieces, bars } = problem;
  const known = new Map<string, Pattern>();
  /** The pattern as it is known already, or as it is from now on. */
  const know = (pattern: Pattern): Pattern => {
    const key = `${pattern.bar}:${pattern.counts.join()}`;
    const same = known.get(key);
    if (same) return same;
    known.set(key, pattern);
    return pattern;
  };
  // To begin with: each piece alone, as many as a bar holds.
  bars.forEach(({ length }, bar) => {
    pieces.forEach((piece, i) => {
      const most = Math.min(Math.floor(length / piece.length + 1e-9), Math.max(1, Math.ceil(piece.count)));
      if (most > 0) know({ bar, counts: pieces.map((_, k) => (k === i ? most : 0)) });
    });
  });
  const rows: LinearProgram["rows"] = [
    ...pieces.map(({ count }) => ({ kind: "least" as const, value: count })),
    ...bars.map(({ count }) => ({ kind: "most" as const, value: Number.isFinite(count) ? count : 0 })),
  ];
  // A piece that limited bars cannot give is bought at a price no cutting pays.
  const dear = 1e4 * Math.max(1, ...bars.map((b) => b.price));
  const rescue = pieces.map((_, row) => ({ cost: dear, rows: [{ row, of: 1 }] }));
  let bound = 0;
  const idle = new Map<Pattern, number>();
  // Columns that stand in the programme now; the others are kept for the whole-number one.
  let standing = [...known.values()];
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const answer = solve({ columns: [...standing.map((p) => columnOf(p, problem)), ...rescue], rows });
    if (!answer) return undefined;
    const { duals } = answer;
    const items = pieces.map((p, i) => ({
      length: p.length,
      value: Math.max(0, duals[i]!),
      most: Math.ceil(p.count),
    }));
    const fresh = new Set<Pattern>();
    let shrink = 1;
    let limitedCost = 0;
    bars.forEach((bar, b) => {
      const limit = Number.isFinite(bar.count) ? Math.min(0, duals[pieces.length + b]!) : 0;
      limitedCost += limit === 0 ? 0 : limit * bar.count;
      const worth = bar.price - limit;
      const offer = (counts: number[]) => {
        fresh.add(know({ bar: b, counts }));
      };
      const { found, complete } = fillingsWorth(items, bar.length, worth + FINE, COLUMNS_A_ROUND);
      for (const counts of found) offer(counts);
      if (complete && found.length === 0) {
        // None is worth more than its bar and that little: the duals are made smaller by as much.
        shrink = Math.min(shrink, worth / (worth + FINE));
        return;
      }
      if (found.length > 0) {
        // Something is still to be gained here; how much at most is not asked.
        shrink = 0;
        return;
      }
      const best = fillBest(items, bar.length);
      if (best.value > worth + FINE) offer(best.counts);
      if (best.value > worth) shrink = Math.min(shrink, worth / best.value);
    });
    // Duals made smaller until no pattern is worth more than its bar are a bound at any time (Farley 1990, from memory).
    const dualsSum = items.reduce((sum, item, i) => sum + item.value * pieces[i]!.count, 0);
    bound = Math.max(bound, shrink * dualsSum + limitedCost);
    for (const pattern of standing) fresh.delete(pattern);
    if (fresh.size === 0 || !goOn()) break;
    // What has long not been used is set aside; it would only slow the solver down.
    standing.forEach((p, i) => {
      idle.set(p, answer.values[i]! > 0 ? 0 : (idle.get(p) ?? 0) + 1);
    });
    standing = [...standing.filter((p) => idle.get(p)! < SET_ASIDE_AFTER), ...fresh];
    for (const pattern of fresh) idle.set(pattern, 0);
  }
  return { bound, patterns: [...known.values()] };
}
