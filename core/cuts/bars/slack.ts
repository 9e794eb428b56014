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
  // Layers are made from the last length to the first, so that going back takes early ones where it can.
  const layers: Sums[] = [new Uint32Array((room >>> 5) + 1)];
  layers[0]![0] = 1;
  const order = lengths.map((_, i) => i).filter((i) => i > 0 && lengths[i]! <= room);
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

/**
 * Puts all lengths into bars, one bar after another as full as may be, each begun with the longest that is left (minimum
 * bin slack: Gupta & Ho 1999, from memory). Tries again with other orders and other fillings.
 * @param lengths of pieces, whole units
 * @param capacities of the bars there are
 * @param random numbers from 0 to 1
 * @param goOn asked before each try; false gives up
 * @returns for each bar the places in `lengths` of what is cut from it; undefined when no try placed them all
 */
export function packTight(
  lengths: readonly number[],
  capacities: readonly number[],
  random: () => number,
  goOn: (tries: number) => boolean,
): number[][] | undefined {
  const total = lengths.reduce((a, b) => a + b, 0);
  const spare = capacities.reduce((a, b) => a + b, 0) - total;
  if (spare < 0) return undefined;
  for (let tries = 0; goOn(tries); tries++) {
    const noise = tries === 0 ? 0 : 0.5 * random();
    const rank = lengths.map((length) => length * (1 + noise * (random() - 0.5)));
    let left = lengths.map((_, i) => i).sort((a, b) => rank[b]! - rank[a]!);
    // Short bars hold least, and are filled while there is most to choose from.
    const order = capacities
      .map((capacity, bar) => ({ capacity, bar, at: tries % 2 === 0 ? capacity : random() }))
      .sort((a, b) => a.at - b.at);
    const bars: number[][] = capacities.map(() => []);
    let slack = spare;
    for (const { capacity, bar } of order) {
      const fits = left.filter((i) => lengths[i]! <= capacity);
      if (fits.length === 0) {
        slack -= capacity;
        continue;
      }
      const chosen = fillNearest(
        fits.map((i) => lengths[i]!),
        capacity,
      ).map((k) => fits[k]!);
      bars[bar] = chosen;
      const taken = new Set(chosen);
      left = left.filter((i) => !taken.has(i));
      slack -= capacity - chosen.reduce((sum, i) => sum + lengths[i]!, 0);
      if (slack < 0) break;
    }
    if (left.length === 0) return bars;
  }
  return undefined;
}
