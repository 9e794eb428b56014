import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { SolveLinear } from "../linear/linear";
import { mixesBelow } from "../nest/mixes";
import { UM } from "../nest/problem";
import { type BarProblem, columnBound, type Pattern } from "./columns";
import { cutBars } from "./cutBars";
import { dive } from "./dive";
import type { BarInstance, BarSolution } from "./format";
import { packTight } from "./slack";

/** Costs that differ by less are the same. */
const SAME = 1e-6;
/** Rounds of the panel search before anything else is asked. */
const FIRST_ROUNDS = 2;
/** More pieces than this are not filled in bar by bar. */
const MANY = 200;
/**
 * Tries at filling mixes of bars to the last unit, shared among them: before patterns are asked for, before whole numbers
 * of them are, and after.
 */
const TRIES = { soon: 150, between: 4000, late: 60_000 } as const;
/** Cuttings tried from the patterns of the bound, each with other luck. */
const DIVES = 6;
/** Bars of a mix are tried tight while a unit of length gives no more than this many places on one. */
const MOST_UNITS = 700_000;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** The instance in the largest whole units that hold all its lengths, and which part each kind of piece stands for. */
function inUnits(instance: BarInstance) {
  const kerf = Math.round(instance.kerf * UM);
  const bars = instance.stock.flatMap((s) => {
    const length = Math.round((s.length - 2 * (s.trim ?? instance.trim)) * UM) + kerf;
    const count = s.count ?? Number.POSITIVE_INFINITY;
    return length > kerf && count > 0 ? [{ id: s.id, length, price: s.price, count }] : [];
  });
  const longest = Math.max(0, ...bars.map((b) => b.length));
  const byLength = new Map<number, string[]>();
  for (const part of instance.parts) {
    const length = Math.round(part.length * UM) + kerf;
    if (length <= longest)
      byLength.set(length, [...(byLength.get(length) ?? []), ...Array.from({ length: part.qty }, () => part.id)]);
  }
  const unit = [...byLength.keys(), ...bars.map((b) => b.length)].reduce(gcd, 0) || 1;
  const pieces = [...byLength].map(([length, ids]) => ({ length: length / unit, count: ids.length, ids }));
  return { pieces, bars: bars.map((b) => ({ ...b, length: b.length / unit })) };
}
type Units = ReturnType<typeof inUnits>;

/** The least sum of prices that reaches a bound, by their common divisor in hundredths. */
function reachable(bound: number, prices: readonly number[]): number {
  const step = prices.map((p) => Math.round(p * 100)).reduce(gcd, 0);
  const exact = prices.every((p) => Math.abs(p * 100 - Math.round(p * 100)) < SAME);
  return exact && step > 0 ? (Math.ceil((bound * 100) / step - SAME) * step) / 100 : bound;
}

/** Whole numbers of the known patterns that give every piece at the least cost. */
function wholePatterns(problem: BarProblem, patterns: readonly Pattern[], solve: SolveLinear): Pattern[] | undefined {
  const { pieces, bars } = problem;
  const limited = bars.flatMap((b, i) => (Number.isFinite(b.count) ? [i] : []));
  const answer = solve({
    columns: patterns.map(({ bar, counts }) => ({
      cost: bars[bar]!.price,
      whole: true,
      rows: [
        ...counts.flatMap((of, row) => (of > 0 ? [{ row, of }] : [])),
        ...limited.flatMap((i, k) => (i === bar ? [{ row: pieces.length + k, of: 1 }] : [])),
      ],
    })),
    rows: [
      ...pieces.map(({ count }) => ({ kind: "least" as const, value: count })),
      ...limited.map((i) => ({ kind: "most" as const, value: bars[i]!.count })),
    ],
  });
  return answer?.values.flatMap((times, i) => Array.from({ length: Math.round(times) }, () => patterns[i]!));
}

/** Bars with the parts in them; what patterns give too many of is left out. */
function fromPatterns({ pieces, bars }: Units, chosen: readonly Pattern[]): BarSolution["bars"] {
  const left = pieces.map((p) => [...p.ids]);
  return chosen
    .map(({ bar, counts }) => ({
      stock: bars[bar]!.id,
      parts: counts.flatMap((n, i) => left[i]!.splice(0, n).map((partId) => ({ partId }))),
    }))
    .filter((bar) => bar.parts.length > 0);
}

/** Numbers from 0 to 1, the same for the same seed. */
function dice(seed: number): { random: () => number } {
  const generator = xoroshiro128plus(seed);
  return { random: () => (generator.next() >>> 0) / 2 ** 32 };
}

/** Tries mixes of bars that cost less than `below` and at least `least`, cheapest first, filling them to the last unit. */
function fillMixes(
  { pieces, bars }: Units,
  below: number,
  least: number,
  seed: number,
  most: number,
  goOn: () => boolean,
): BarSolution["bars"] | undefined {
  if (Math.max(0, ...bars.map((b) => b.length)) > MOST_UNITS) return undefined;
  const { random } = dice(seed);
  const flat = pieces.flatMap(({ length, ids }) => ids.map((id) => ({ length, id })));
  const lengths = flat.map((f) => f.length);
  const stocks = bars.map(({ length, price, count }) => ({
    w: length,
    h: 1,
    price,
    count: Number.isFinite(count) ? count : Number.MAX_SAFE_INTEGER,
  }));
  const total = lengths.reduce((a, b) => a + b, 0);
  const mixes = mixesBelow(stocks, total, below, least).sort((a, b) => a.cost - b.cost);
  for (const { sheets } of mixes) {
    const found = packTight(
      lengths,
      sheets.map((i) => bars[i]!.length),
      random,
      (tries) => tries < most / mixes.length && goOn(),
    );
    if (found)
      return found.flatMap((places, k) =>
        places.length === 0
          ? []
          : [{ stock: bars[sheets[k]!]!.id, parts: places.map((i) => ({ partId: flat[i]!.id })) }],
      );
    if (!goOn()) break;
  }
  return undefined;
}

/**
 * Cuts lengths from bars at the least cost, and proves it: by a quick search and its bound, by filling cheaper mixes of
 * bars to the last unit, and where a gap is left by column generation and a whole-number programme over its patterns.
 * @param instance `bar-nest/1`, millimetres
 * @param solve a solver of linear programmes, with whole numbers
 * @param rounds of the search at most
 * @param goOn asked again and again; false stops with the best so far
 */
export function exactBars(
  instance: BarInstance,
  solve: SolveLinear,
  rounds?: number,
  goOn: () => boolean = () => true,
): BarSolution {
  const price = (id: string) => instance.stock.find((s) => s.id === id)!.price;
  const costOf = (bars: BarSolution["bars"]) => bars.reduce((sum, b) => sum + price(b.stock), 0);
  const pieces = instance.parts.reduce((n, p) => n + p.qty, 0);
  const quick = cutBars(instance, pieces > MANY ? 0 : FIRST_ROUNDS, goOn);
  let best = quick.bars;
  let bound = quick.bound;
  const proved = () => costOf(best) <= bound.cost + SAME;
  const take = (bars: BarSolution["bars"] | undefined) => {
    if (bars && costOf(bars) < costOf(best) - SAME) best = bars;
  };
  if (quick.unplaced.length > 0) return proved() ? quick : cutBars(instance, rounds, goOn);
  const units = inUnits(instance);
  // Many pieces are few lengths many times: patterns say more about them than filling bar by bar.
  const fill = (most: number) => {
    if (!proved() && pieces <= MANY && goOn())
      take(fillMixes(units, costOf(best), bound.cost, instance.seed, most, goOn));
  };
  fill(TRIES.soon);
  if (!proved() && goOn()) {
    const prices = units.bars.map((b) => b.price);
    const columns = columnBound(units, goOn, (least) => reachable(least, prices) >= costOf(best) - SAME);
    const least = reachable(columns.bound, prices);
    if (least > bound.cost + SAME) bound = { ...bound, cost: least, proof: "columns" };
    fill(TRIES.between);
    const { random } = dice(instance.seed);
    for (let tries = 0; tries < DIVES && !proved() && goOn(); tries++) {
      const chosen = dive(units, columns, costOf(best), random, goOn);
      if (chosen) take(fromPatterns(units, chosen));
    }
    if (!proved() && goOn()) {
      const chosen = wholePatterns(units, columns.patterns, solve);
      if (chosen) take(fromPatterns(units, chosen));
    }
  }
  fill(TRIES.late);
  if (!proved() && goOn()) take(cutBars(instance, rounds, goOn).bars);
  return { ...quick, bars: best, bound };
}
