import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { atLeast, ceil, over, same, under } from "../../units/tolerance";
import type { SolveLinear } from "../linear/linear";
import { type BarProblem, type ColumnAnswer, columnBound, type Pattern } from "./columns";
import { cutBars } from "./cutBars";
import { dive } from "./dive";
import { MixFilling } from "./fillMix";
import type { BarInstance, BarSolution } from "./format";
import { barMixes, mayDo } from "./mixes";
import { fromPatterns, gcd, inUnits, type Units } from "./units";

/** More pieces than this, or bars of more units, are not filled bar by bar. */
const MANY = 200;
const MOST_UNITS = 700_000;
/** How much is tried at a mix of bars doubles from go to go, up to this. */
const LAST_SHARE = 1024;
/**
 * The go after which patterns are asked for. Where bars take few pieces there are few patterns, which say much; where
 * bars of one kind have nothing to spare patterns take long and say no more than their length.
 */
const RELAX_AFTER = { few: 2, many: 1, tight: 8 } as const;
/** Pieces to a bar that are few. */
const FEW = 3;
/** Rounds of column generation for that, and goes from one cutting tried of patterns to the next. */
const ROUNDS_AT_FIRST = 100;
const DIVE_EVERY = 4;
/** Cuttings tried from the patterns of the bound in the end, each with other luck. */
const DIVES = 6;

/** The least sum of prices that reaches a bound, by their common divisor in hundredths. */
function reachable(bound: number, prices: readonly number[]): number {
  const step = prices.map((p) => Math.round(p * 100)).reduce(gcd, 0);
  const exact = prices.every((p) => same(p * 100, Math.round(p * 100)));
  return exact && step > 0 ? (ceil((bound * 100) / step) * step) / 100 : bound;
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

/** A cutting under way: the best so far, and what none costs less than. */
class BarSearch {
  private columns: ColumnAnswer | undefined;
  /** Mixes of bars cheaper than the best that may do; undefined where filling them is not tried. */
  private mixes: { cost: number; filling: MixFilling }[] | undefined;
  private readonly units: Units;
  private readonly random: () => number;
  private readonly prices: Map<string, number>;
  private cost: number;

  constructor(
    instance: BarInstance,
    public best: BarSolution["bars"],
    public bound: BarSolution["bound"],
    private readonly goOn: () => boolean,
  ) {
    this.units = inUnits(instance);
    const generator = xoroshiro128plus(instance.seed);
    this.random = () => (generator.next() >>> 0) / 2 ** 32;
    this.prices = new Map(instance.stock.map((s) => [s.id, s.price]));
    this.cost = this.costOf(best);
    this.mixes = this.cheaperMixes();
  }

  /** Whether there is something left to look for, and time. */
  going(): boolean {
    return over(this.cost, this.bound.cost) && this.goOn();
  }

  take(bars: BarSolution["bars"]): void {
    if (atLeast(this.costOf(bars), this.cost)) return;
    this.best = bars;
    this.cost = this.costOf(bars);
  }

  /** Fills the mixes, cheapest first, more at a time from go to go; between goes patterns are asked. */
  fillMixes(): void {
    const at =
      this.units.bars.length === 1 && this.mixes?.every((mix) => mix.filling.tight)
        ? "tight"
        : this.mixes?.some((mix) => mix.filling.piecesABar < FEW)
          ? "few"
          : "many";
    let diveAt: number = RELAX_AFTER[at];
    for (let share = 1; share < LAST_SHARE && this.mixes && this.going(); share *= 2) {
      for (const { cost, filling } of this.mixes) {
        const found = under(cost, this.cost) && this.goOn() ? filling.go(share, this.goOn) : undefined;
        if (found) this.take(found);
      }
      if (share !== diveAt) continue;
      // Many pieces to a bar are more often filled bar by bar than cut from patterns: those wait for the next time.
      const again = this.columns !== undefined;
      if (!again) this.relax(ROUNDS_AT_FIRST);
      if (at === "few" || (at === "many" && again)) this.dive();
      diveAt *= DIVE_EVERY;
    }
  }

  /** Raises the bound by patterns, and drops the mixes that cannot do by it. */
  relax(rounds: number): void {
    if (!this.going()) return;
    const prices = [...this.prices.values()];
    const told = (least: number, value: number) => {
      const reached = reachable(least, prices);
      return atLeast(reached, this.cost) || atLeast(reached, reachable(value, prices));
    };
    this.columns = columnBound(this.units, this.goOn, told, this.columns?.patterns, rounds);
    this.raise(reachable(this.columns.bound, prices));
    this.mixes = this.cheaperMixes(this.columns.patterns);
    // The cheapest of those that may do is a bound, and the best itself where none may.
    if (this.mixes) this.raise(Math.min(this.cost, ...this.mixes.map((mix) => mix.cost)));
  }

  /** Tries a cutting made of patterns one by one. */
  dive(): void {
    if (!this.columns || !this.going()) return;
    const chosen = dive(this.units, this.columns, this.cost, this.random, this.goOn);
    if (chosen) this.take(fromPatterns(this.units, chosen));
  }

  /** Tries whole numbers of patterns. */
  whole(solve: SolveLinear): void {
    if (!this.columns || !this.going()) return;
    const chosen = wholePatterns(this.units, this.columns.patterns, solve);
    if (chosen) this.take(fromPatterns(this.units, chosen));
  }

  private raise(least: number): void {
    if (over(least, this.bound.cost)) this.bound = { ...this.bound, cost: least, proof: "columns" };
  }

  private costOf(bars: BarSolution["bars"]): number {
    return bars.reduce((sum, bar) => sum + this.prices.get(bar.stock)!, 0);
  }

  private cheaperMixes(patterns?: readonly Pattern[]) {
    const { units, random, goOn } = this;
    const many = units.pieces.reduce((sum, p) => sum + p.count, 0) > MANY;
    if (many || Math.max(0, ...units.bars.map((b) => b.length)) > MOST_UNITS) return undefined;
    return barMixes(units, this.bound.cost, this.cost)
      ?.filter((mix) => !patterns || mayDo(units, mix, patterns, goOn))
      .map((mix) => ({ cost: mix.cost, filling: new MixFilling(units, mix, random) }));
  }
}

/**
 * Cuts lengths from bars at the least cost, and proves it: by a quick packing and its bound, by filling cheaper mixes of
 * bars to the last unit, and where a gap is left by column generation and a whole-number programme over its patterns.
 * @param instance `bar-nest/1`, millimetres
 * @param solve a solver of linear programmes, with whole numbers
 * @param rounds of the panel search at most, where all else fails
 * @param goOn asked again and again; false stops with the best so far
 */
export function exactBars(
  instance: BarInstance,
  solve: SolveLinear,
  rounds?: number,
  goOn: () => boolean = () => true,
): BarSolution {
  const quick = cutBars(instance, 0, goOn);
  if (quick.unplaced.length > 0) return cutBars(instance, rounds, goOn);
  const search = new BarSearch(instance, quick.bars, quick.bound, goOn);
  search.fillMixes();
  // Many pieces are few lengths many times: patterns say more about them than filling bar by bar.
  search.relax(Number.POSITIVE_INFINITY);
  for (let tries = 0; tries < DIVES && search.going(); tries++) search.dive();
  search.whole(solve);
  if (search.going()) search.take(cutBars(instance, rounds, goOn).bars);
  return { ...quick, bars: search.best, bound: search.bound };
}
