import { MOST_IN_HALVES, nearestSum, type Sum, sumsBetween, sumsFrom } from "./subset";

/* What follows was found by trial on jobs that fill their bars to the last unit. */

/** With so few bars left every filling is gone through; with more, some of those drawn anew at every start. */
const GO_THROUGH = 4;
const SOME = 8;
const DRAWN = 40;
/** How often a length is passed over at first, so that others are drawn than those of the longest pieces. */
const PASSED_OVER = 0.15;
/** How much chance there is in which of those drawn come first. */
const NOISE = 0.1;
/** Fillings looked at from one start. */
const LOOKS_A_START = 10_000;
/** Ways to fill one of the last bars, at most. */
const MOST_WAYS = 5000;
/** A bar may waste this many times its share of all the waste there is, or all of it among the last few. */
const SHARE_OF_WASTE = 2;

/**
 * Puts all lengths into bars that have little or nothing to spare: bar by bar, each with the longest length left and
 * others that fill it but for its share of what there is to waste, long ones first so that short ones, which go together
 * in more ways, are left for the last bars; of those every filling is gone through. Begins anew with other choices
 * (bin completion: Korf 2002; from memory).
 * @param lengths of pieces, whole units
 * @param capacities of the bars there are, whole units
 * @param random numbers from 0 to 1
 * @param goOn asked at each filling looked at, with how many there were; false gives up
 * @returns for each bar the places in `lengths` of what is cut from it; undefined where none was found
 */
export function completeBars(
  lengths: readonly number[],
  capacities: readonly number[],
  random: () => number,
  goOn: (looks: number) => boolean,
): number[][] | undefined {
  const total = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const toSpare = total(capacities) - total(lengths);
  if (toSpare < 0) return undefined;
  const order = lengths.map((_, i) => i).sort((a, b) => lengths[b]! - lengths[a]!);
  const bars: number[][] = capacities.map(() => []);
  let looks = 0;
  let until = 0;
  const over = () => looks >= until || !goOn(looks);

  /** Those made of the longest pieces: what goes together in most ways is left for the last bars. */
  const longest = (all: readonly Sum[], of: readonly number[]): Sum[] =>
    all
      .map((way) => ({
        way,
        rank: way.places.reduce((sum, k) => sum + of[k]! ** 2, 0) * (1 + NOISE * random()),
      }))
      .sort((a, b) => b.rank - a.rank)
      .slice(0, SOME)
      .map(({ way }) => way);

  /** Ways to fill a bar up beside its first piece. */
  const ways = (of: readonly number[], low: number, high: number, others: number): Sum[] => {
    if (others >= GO_THROUGH || of.length > MOST_IN_HALVES)
      return longest(
        sumsFrom(of, low, high, DRAWN, () => random() < PASSED_OVER),
        of,
      );
    if (others > 1) return sumsBetween(of, low, high, MOST_WAYS);
    // Of the last two bars one is filled as full as may be, and the other takes what is left.
    return [nearestSum(of, high)].filter(({ sum }) => sum >= low);
  };

  /** Fills the open bars with what is left, both given by their places; true once all is in. */
  const fill = (left: readonly number[], open: readonly number[], spare: number): boolean => {
    if (left.length === 0) return true;
    const [first = 0, ...of] = left.map((i) => lengths[i]!);
    const sizes = [...new Set(open.map((b) => capacities[b]!))].filter((size) => size >= first);
    if (sizes.length > 1 && random() < 0.5) sizes.reverse();
    for (const size of sizes) {
      const bar = open.find((b) => capacities[b] === size)!;
      const others = open.filter((b) => b !== bar);
      const high = size - first;
      const share = Math.ceil((SHARE_OF_WASTE * spare) / open.length);
      const low = high - (others.length < GO_THROUGH ? spare : Math.min(spare, share));
      for (const { places, sum } of ways(of, low, high, others.length)) {
        looks++;
        const picked = new Set(places.map((place) => place + 1).concat(0));
        const rest = left.filter((_, place) => !picked.has(place));
        if (fill(rest, others, spare - (high - sum))) {
          bars[bar] = left.filter((_, place) => picked.has(place));
          return true;
        }
        if (over()) return false;
      }
    }
    return false;
  };

  const all = capacities.map((_, b) => b);
  while (goOn(looks)) {
    until = looks + LOOKS_A_START;
    const before = looks;
    if (fill(order, all, toSpare)) return bars;
    // No filling at all with the longest piece: given up rather than asked again and again.
    if (looks === before) return undefined;
  }
  return undefined;
}
