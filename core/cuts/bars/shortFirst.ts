import { completeBars } from "./completion";

/* What follows was found by trial on jobs with bars of two lengths and ends on hand. */

/** Bars up to this share of the longest are short: they hold few pieces, so all that fills one is listed. */
const SHORT = 0.5;
/** Steps towards that list for one length of bar; where there are more, nothing is listed. */
const MOST_STEPS = 300_000;
/** A short bar may waste up to this many times its share of all the waste there is. */
const SHARE_OF_WASTE = 4;
/** How much chance there is in which filling is taken. */
const NOISE = 1;
/** Fillings of the long bars looked at after each draw of the short ones. */
const LOOKS_A_DRAW = 200;

/** Pieces that fill a bar: their places in the lengths, what they leave of it, and how long they are. */
interface Filling {
  places: number[];
  waste: number;
  /** Sum of squares: greatest for few long pieces. */
  weight: number;
}

/**
 * Puts all lengths into bars that have little to spare where some are much shorter than others: the short ones first, each
 * with one of the few fillings that waste little, long pieces rather than short ones; the long ones, which take what is
 * left in many more ways, by {@link completeBars}.
 */
export class ShortFirst {
  /** The short bars by their places, the shortest first, with what fills each; undefined where too much does. */
  private readonly short: { bar: number; fillings: Filling[] }[] | undefined;
  private readonly long: number[];
  /** The lengths by their places, longest first. */
  private readonly order: number[];
  private readonly spare: number;

  /**
   * @param lengths of pieces, whole units
   * @param capacities of the bars there are, whole units, long enough together
   * @param random numbers from 0 to 1
   */
  constructor(
    private readonly lengths: readonly number[],
    private readonly capacities: readonly number[],
    private readonly random: () => number,
  ) {
    const total = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
    this.spare = total(capacities) - total(lengths);
    this.order = lengths.map((_, i) => i).sort((a, b) => lengths[b]! - lengths[a]!);
    const limit = SHORT * Math.max(0, ...capacities);
    const bars = capacities.map((_, bar) => bar).sort((a, b) => capacities[a]! - capacities[b]!);
    this.long = bars.filter((bar) => capacities[bar]! > limit);
    this.short = this.listed(bars.filter((bar) => capacities[bar]! <= limit));
  }

  /** Whether there are short bars and long ones, and what fills the short ones is listed. */
  get applies(): boolean {
    return this.long.length > 0 && this.short !== undefined && this.short.length > 0;
  }

  /**
   * @param draws of the short bars' fillings
   * @param goOn false gives up
   * @returns for each bar the places in `lengths` of what is cut from it, once all have found one
   */
  go(draws: number, goOn: () => boolean): number[][] | undefined {
    const { lengths, capacities, long, order, random } = this;
    if (!this.applies) return undefined;
    for (let n = 0; n < draws && goOn(); n++) {
      const drawn = this.draw();
      if (!drawn) continue;
      const used = new Set([...drawn.values()].flat());
      const left = order.filter((i) => !used.has(i));
      const found = completeBars(
        left.map((i) => lengths[i]!),
        long.map((bar) => capacities[bar]!),
        random,
        (looks) => looks < LOOKS_A_DRAW && goOn(),
      );
      if (!found) continue;
      long.forEach((bar, k) => {
        drawn.set(
          bar,
          found[k]!.map((place) => left[place]!),
        );
      });
      return capacities.map((_, bar) => drawn.get(bar)!);
    }
    return undefined;
  }

  /** A filling for each short bar, none with a piece of another; undefined where one finds none. */
  private draw(): Map<number, number[]> | undefined {
    const { short, capacities, spare, random } = this;
    if (!short) return undefined;
    const drawn = new Map<number, number[]>();
    const used = new Set<number>();
    let left = spare;
    for (const { bar, fillings } of short) {
      const quota = (SHARE_OF_WASTE * spare * random()) / capacities.length;
      let chosen: Filling | undefined;
      let top = -1;
      for (const filling of fillings) {
        if (filling.waste > left || (chosen && filling.waste > quota)) break;
        if (filling.places.some((i) => used.has(i))) continue;
        const rank = filling.weight * (1 + NOISE * random());
        if (rank <= top) continue;
        top = rank;
        chosen = filling;
      }
      if (!chosen) return undefined;
      for (const i of chosen.places) used.add(i);
      left -= chosen.waste;
      drawn.set(bar, chosen.places);
    }
    return drawn;
  }

  /** What fills each of some bars but for all there is to waste, the fullest first. */
  private listed(bars: readonly number[]): { bar: number; fillings: Filling[] }[] | undefined {
    const known = new Map<number, Filling[] | undefined>();
    const listed: { bar: number; fillings: Filling[] }[] = [];
    for (const bar of bars) {
      const size = this.capacities[bar]!;
      if (!known.has(size)) known.set(size, this.fillingsOf(size));
      const fillings = known.get(size);
      if (!fillings) return undefined;
      listed.push({ bar, fillings });
    }
    return listed;
  }

  private fillingsOf(size: number): Filling[] | undefined {
    const { lengths, order, spare } = this;
    const found: Filling[] = [];
    const places: number[] = [];
    let steps = 0;
    const visit = (from: number, left: number, weight: number): void => {
      if (left <= spare) found.push({ places: [...places], waste: left, weight });
      for (let k = from; k < order.length && steps++ < MOST_STEPS; k++) {
        const i = order[k]!;
        if (lengths[i]! > left) continue;
        places.push(i);
        visit(k + 1, left - lengths[i]!, weight + lengths[i]! ** 2);
        places.pop();
      }
    };
    visit(0, size, 0);
    return steps < MOST_STEPS ? found.sort((a, b) => a.waste - b.waste) : undefined;
  }
}
