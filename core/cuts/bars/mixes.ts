import { atLeast, atMost, ceil, over, under } from "../../units/tolerance";
import { type BarProblem, columnBound, type Pattern } from "./columns";

/** A choice of bars to make do with: how many of each kind, and what they cost. */
export interface BarMix {
  counts: number[];
  cost: number;
}

/** More mixes than this, or as many steps towards them, are not gone through. */
const MOST = 60;
const MOST_STEPS = 50_000;

/**
 * The choices of bars that cost at least `least` and less than `below` and are long enough together, cheapest first; all
 * free ends are in each.
 * @returns undefined where there are too many to go through
 */
export function barMixes({ pieces, bars }: BarProblem, least: number, below: number): BarMix[] | undefined {
  const needed = pieces.reduce((sum, p) => sum + p.length * p.count, 0);
  const number = pieces.reduce((sum, p) => sum + p.count, 0);
  const free = bars.map((b) => (b.price === 0 ? Math.min(b.count, number) : 0));
  const held = free.reduce((sum, n, i) => sum + n * bars[i]!.length, 0);
  const priced = bars.flatMap((b, i) => (b.price > 0 ? [i] : [])).sort((a, b) => bars[b]!.price - bars[a]!.price);
  const found: BarMix[] = [];
  let steps = 0;
  const visit = (at: number, counts: number[], cost: number, length: number) => {
    if (steps++ > MOST_STEPS || found.length > MOST) return;
    const i = priced[at];
    if (i === undefined) {
      if (atLeast(cost, least) && under(cost, below) && length >= needed) found.push({ counts, cost });
      return;
    }
    const bar = bars[i]!;
    const most = Math.min(bar.count, number, ceil((below - cost) / bar.price) - 1);
    // The last kind of bar makes up what the others leave to be spent.
    const fewest = at === priced.length - 1 ? Math.max(0, ceil((least - cost) / bar.price)) : 0;
    for (let n = most; n >= fewest; n--) {
      const more = counts.map((c, k) => (k === i ? n : c));
      visit(at + 1, more, cost + n * bar.price, length + n * bar.length);
    }
  };
  visit(0, free, 0, held);
  if (steps > MOST_STEPS || found.length > MOST) return undefined;
  return found.sort((a, b) => a.cost - b.cost);
}

/**
 * Whether fractions of patterns could do with just these bars: where they cannot, no cutting can.
 * @param patterns that are known already
 */
export function mayDo(problem: BarProblem, mix: BarMix, patterns: readonly Pattern[], goOn: () => boolean): boolean {
  const bars = problem.bars.map((bar, i) => ({ ...bar, count: mix.counts[i]! }));
  const within = problem.pieces.every((p) => bars.some((b) => b.count > 0 && b.length >= p.length));
  if (!within) return false;
  const dear = (bound: number) => over(bound, mix.cost);
  const told = (bound: number, value: number) => dear(bound) || atMost(value, mix.cost);
  return !dear(columnBound({ pieces: problem.pieces, bars }, goOn, told, patterns).bound);
}
