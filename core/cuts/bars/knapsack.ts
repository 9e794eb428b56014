/** A piece that may be cut from a bar: its length, what it is worth there, and how many are asked for. */
export interface Item {
  length: number;
  value: number;
  most: number;
}

/** Bundles of 1, 2, 4, … of an item, so that any number up to `most` is a choice of bundles. */
function bundles(most: number): number[] {
  const sizes: number[] = [];
  let left = most;
  for (let size = 1; left > 0; size *= 2) {
    sizes.push(Math.min(size, left));
    left -= size;
  }
  return sizes;
}

/** A filling begun, and how it came about. */
interface Begun {
  length: number;
  value: number;
  before: Begun | undefined;
  item: number;
  size: number;
}

/** Both lists by length, without those that are as long as another and worth no more. */
function merged(a: readonly Begun[], b: readonly Begun[]): Begun[] {
  const list: Begun[] = [];
  let most = Number.NEGATIVE_INFINITY;
  for (let i = 0, k = 0; i < a.length || k < b.length; ) {
    const first = k >= b.length || (i < a.length && a[i]!.length <= b[k]!.length);
    const next = first ? a[i++]! : b[k++]!;
    if (next.value <= most + 1e-12) continue;
    // Of two as long, the one worth more stands.
    if (list.length > 0 && list.at(-1)!.length === next.length) list.pop();
    list.push(next);
    most = next.value;
  }
  return list;
}

/**
 * Fillings of one bar worth more than a threshold, the best first, by dynamic programming over lists of fillings begun of
 * which none is longer and worth less than another (Nemhauser & Ullmann 1969; from memory, checked by test). Those are
 * dropped early that could not come above the threshold even if all the rest were filled at the next best worth a length.
 * @param items in whole units of length
 * @param capacity of the bar in the same units
 * @param wanted how many at most
 * @returns how many of each item, and what they are worth; the first is the best there is, and none means there is none
 */
export function fillings(
  items: readonly Item[],
  capacity: number,
  threshold: number,
  wanted: number,
): { counts: number[]; value: number }[] {
  const order = items
    .map((item, i) => ({ ...item, i, worth: item.value / item.length }))
    .filter((item) => item.value > 1e-12 && item.most > 0 && item.length <= capacity)
    .sort((a, b) => b.worth - a.worth);
  let begun: Begun[] = [{ length: 0, value: 0, before: undefined, item: -1, size: 0 }];
  order.forEach(({ i, length, value, most, worth }, at) => {
    const next = order[at + 1]?.worth ?? 0;
    for (const size of bundles(Math.min(most, Math.floor(capacity / length)))) {
      const more: Begun[] = [];
      for (const one of begun) {
        const end = one.length + size * length;
        if (end > capacity) break;
        const sum = one.value + size * value;
        if (sum + (capacity - end) * worth > threshold)
          more.push({ length: end, value: sum, before: one, item: i, size });
      }
      if (more.length > 0) begun = merged(begun, more);
    }
    begun = begun.filter((one) => one.value + (capacity - one.length) * next > threshold);
  });
  return begun
    .filter((one) => one.value > threshold)
    .sort((a, b) => b.value - a.value)
    .slice(0, wanted)
    .map((one) => {
      const counts = items.map(() => 0);
      for (let at: Begun | undefined = one; at?.before; at = at.before) counts[at.item]! += at.size;
      return { counts, value: one.value };
    });
}
