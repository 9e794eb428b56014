/** A piece that may be cut from a bar: its length, what it is worth there, and how many are asked for. */
export interface Item {
  length: number;
  value: number;
  most: number;
}

/** Bundles of 1, 2, 4, … of an item, so that any number up to `most` is a choice of bundles. */
function bundles({ most }: Item): number[] {
  const sizes: number[] = [];
  let left = most;
  for (let size = 1; left > 0; size *= 2) {
    sizes.push(Math.min(size, left));
    left -= size;
  }
  return sizes;
}

/**
 * The most valuable filling of one bar, by dynamic programming over its length.
 * @param items in whole units of length
 * @param capacity of the bar in the same units
 * @returns how many of each, and what they are worth
 */
export function fillBest(items: readonly Item[], capacity: number): { counts: number[]; value: number } {
  const best = new Float64Array(capacity + 1);
  const taken: { item: number; size: number; at: Uint8Array }[] = [];
  items.forEach((item, i) => {
    if (item.value <= 1e-12 || item.length > capacity) return;
    const most = Math.min(item.most, Math.floor(capacity / item.length));
    for (const size of bundles({ ...item, most })) {
      const [length, value] = [size * item.length, size * item.value];
      const at = new Uint8Array(capacity + 1);
      for (let room = capacity; room >= length; room--) {
        const with_ = best[room - length]! + value;
        if (with_ > best[room]! + 1e-12) {
          best[room] = with_;
          at[room] = 1;
        }
      }
      taken.push({ item: i, size, at });
    }
  });
  const counts = items.map(() => 0);
  let room = capacity;
  for (const { item, size, at } of taken.reverse())
    if (at[room]) {
      counts[item] = counts[item]! + size;
      room -= size * items[item]!.length;
    }
  return { counts, value: best[capacity]! };
}

/** How far the search for fillings goes before it gives up being sure. */
const VISITS = 30_000;

/**
 * Fillings of one bar that are worth more than a threshold, the promising first.
 * @param wanted how many at most
 * @returns their counts, and whether none is missing: only then does an empty list prove that there is none
 */
export function fillingsWorth(
  items: readonly Item[],
  capacity: number,
  threshold: number,
  wanted: number,
): { found: number[][]; complete: boolean } {
  const order = items
    .map((item, i) => ({ ...item, i, perLength: item.value / item.length }))
    .filter((item) => item.value > 1e-12 && item.most > 0 && item.length <= capacity)
    .sort((a, b) => b.perLength - a.perLength);
  // No piece fits in less than the shortest of those still to come.
  const shortest = order.map(() => 0);
  for (let k = order.length - 1, least = Number.POSITIVE_INFINITY; k >= 0; k--) {
    least = Math.min(least, order[k]!.length);
    shortest[k] = least;
  }
  const found: number[][] = [];
  const now: number[] = items.map(() => 0);
  let visits = 0;
  const visit = (at: number, room: number, value: number): void => {
    if (found.length >= wanted || visits > VISITS) return;
    const item = order[at];
    if (!item || room < shortest[at]!) {
      if (value > threshold) found.push([...now]);
      return;
    }
    visits++;
    if (value + room * item.perLength <= threshold) return;
    for (let n = Math.min(item.most, Math.floor(room / item.length)); n >= 0; n--) {
      now[item.i] = n;
      visit(at + 1, room - n * item.length, value + n * item.value);
    }
    now[item.i] = 0;
  };
  visit(0, capacity, 0);
  return { found, complete: found.length < wanted && visits <= VISITS };
}
