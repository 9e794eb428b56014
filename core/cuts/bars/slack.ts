import { MOST_IN_HALVES, nearestSum } from "./subset";

/** Sums that a list of lengths can reach, up to a capacity: bit n is set when some of them sum to n. */
type Sums = Uint32Array;

/** The sums reached with one more length: what was reached, and that shifted by the length. */
function withLength(sums: Sums, length: number): Sums {
  const next = sums.slice();
  const [words, bits] = [Math.floor(length / 32), length % 32];
  for (let i = sums.length - 1; i >= words; i--) {
    const low = sums[i - words]! << bits;
    const carry = bits > 0 && i - words > 0 ? sums[i - words - 1]! >>> (32 - bits) : 0;
    next[i] = next[i]! | low | carry;
  }
  return next;
}

const reached = (sums: Sums, n: number) => ((sums[n >>> 5]! >>> (n & 31)) & 1) === 1;

/**
 * Some of the lengths that together come as near a capacity as any, the first of them always among them.
 * @param lengths in whole units; earlier ones are taken rather than later ones
 * @returns places in `lengths`
 */
export function fillNearest(lengths: readonly number[], capacity: number): number[] {
  const [first = 0] = lengths;
  const room = capacity - first;
  const order = lengths.map((_, i) => i).filter((i) => i > 0 && lengths[i]! <= room);
  if (order.length <= MOST_IN_HALVES) {
    const { places } = nearestSum(
      order.map((i) => lengths[i]!),
      room,
    );
    return [0, ...places.map((k) => order[k]!)];
  }
  // Layers are made from the last length to the first, so that going back takes early ones where it can.
  const layers: Sums[] = [new Uint32Array((room >>> 5) + 1)];
  layers[0]![0] = 1;
  for (const i of [...order].reverse()) layers.push(withLength(layers.at(-1)!, lengths[i]!));
  let left = room;
  const all = layers.at(-1)!;
  while (left > 0 && !reached(all, left)) left--;
  const chosen = [0];
  order.forEach((i, k) => {
    const without = layers[layers.length - 2 - k]!;
    const length = lengths[i]!;
    if (left >= length && reached(without, left - length)) {
      chosen.push(i);
      left -= length;
    }
  });
  return chosen;
}

/** Bars taken up and filled anew at a time. */
const TAKEN_UP = { least: 4, more: 2 } as const;

/** Fills bars one after another as full as may be, each begun with the first of what is left; what is over comes last. */
function fillInTurn(places: readonly number[], lengths: readonly number[], capacities: readonly number[]) {
  let left = [...places];
  const bars = capacities.map((capacity) => {
    const fits = left.filter((i) => lengths[i]! <= capacity);
    if (fits.length === 0) return [];
    const of = fits.map((i) => lengths[i]!);
    const chosen = new Set(fillNearest(of, capacity).map((k) => fits[k]!));
    left = left.filter((i) => !chosen.has(i));
    return [...chosen];
  });
  return { bars, left };
}

/**
 * Puts all lengths into bars, one bar after another as full as may be, each begun with the longest that is left (minimum
 * bin slack: Gupta & Ho 1999, from memory); then takes a few bars up again and again and fills them anew with what found
 * no place, as long as they are as full by it. Goes on where it left off.
 */
export class TightPacking {
  /** For each bar the places in `lengths` of what is cut from it. */
  readonly bars: number[][];
  private left: number[];

  /**
   * @param lengths of pieces, whole units
   * @param capacities of the bars there are, long enough together
   * @param random numbers from 0 to 1
   */
  constructor(
    private readonly lengths: readonly number[],
    private readonly capacities: readonly number[],
    private readonly random: () => number,
  ) {
    // Short bars hold least, and are filled while there is most to choose from.
    const order = capacities.map((_, b) => b).sort((a, b) => capacities[a]! - capacities[b]!);
    const first = this.fill(
      this.longestFirst(
        lengths.map((_, i) => i),
        0,
      ),
      order,
    );
    this.bars = capacities.map((_, b) => first.bars[order.indexOf(b)]!);
    this.left = first.left;
  }

  /**
   * Some tries more.
   * @param goOn asked before each with how many there were; false ends it
   * @returns whether all have found a place
   */
  go(goOn: (tries: number) => boolean): boolean {
    const { bars, capacities, random } = this;
    for (let tries = 0; this.left.length > 0; tries++) {
      if (!goOn(tries)) return false;
      const many = Math.min(TAKEN_UP.least + Math.floor(random() * TAKEN_UP.more), capacities.length);
      const taken = drawn(capacities.length, many, random);
      const again = this.fill(this.longestFirst([...this.left, ...taken.flatMap((b) => bars[b]!)], random()), taken);
      if (this.worth(again.bars) < this.worth(taken.map((b) => bars[b]!))) continue;
      taken.forEach((b, k) => {
        bars[b] = again.bars[k]!;
      });
      this.left = again.left;
    }
    return true;
  }

  private fill(places: readonly number[], bars: readonly number[]) {
    return fillInTurn(
      places,
      this.lengths,
      bars.map((b) => this.capacities[b]!),
    );
  }

  private longestFirst(places: readonly number[], noise: number): number[] {
    return places
      .map((i) => ({ i, rank: this.lengths[i]! * (1 + noise * (this.random() - 0.5)) }))
      .sort((a, b) => b.rank - a.rank)
      .map(({ i }) => i);
  }

  /** Few bars that are quite full are worth more than many nearly so: what is over comes together in the others. */
  private worth(bars: readonly (readonly number[])[]): number {
    return bars.reduce((total, bar) => total + bar.reduce((sum, i) => sum + this.lengths[i]!, 0) ** 2, 0);
  }
}

/** So many different numbers from 0 to `of` − 1, in random order. */
function drawn(of: number, wanted: number, random: () => number): number[] {
  const from = Array.from({ length: of }, (_, i) => i);
  for (let i = 0; i < wanted; i++) {
    const j = i + Math.floor(random() * (of - i));
    [from[i], from[j]] = [from[j]!, from[i]!];
  }
  return from.slice(0, wanted);
}
