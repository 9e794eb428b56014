/** A piece that may be cut from a bar: its length, what it is worth there, and how many are asked for. */
export interface Item {
  length: number;
  value: number;
  most: number;
}

/** Fillings begun that are followed one by one before lists of them are made. */
const FOLLOWED = 4000;

/** A way to fill a bar: how many of each item, and what they are worth together. */
export interface Filling {
  counts: number[];
  value: number;
}

/** Fillings, the best first. */
export interface Fillings {
  best: Filling[];
  /** Whether no filling is worth more than the first, or than the threshold where there is none. */
  exact: boolean;
}

/** Steps that a bar is divided into to see what filling on could be worth at most. */
const STEPS = 256;

/**
 * For the items from each place on, what they are worth at most in each number of steps: exact but for lengths rounded
 * down to steps, so never too little. One row after the other.
 */
function hopesOf(order: readonly Item[], capacity: number): Float64Array {
  const rows = new Float64Array((order.length + 1) * (STEPS + 1));
  for (let k = order.length - 1; k >= 0; k--) {
    const row = k * (STEPS + 1);
    rows.copyWithin(row, row + STEPS + 1, row + 2 * (STEPS + 1));
    const { length, value, most } = order[k]!;
    for (const size of bundles(Math.min(most, Math.floor(capacity / length)))) {
      const steps = Math.floor((size * length * STEPS) / capacity);
      for (let at = row + STEPS; at >= row + steps; at--) {
        const sum = rows[at - steps]! + size * value;
        if (sum > rows[at]!) rows[at] = sum;
      }
    }
  }
  return rows;
}

/**
 * By following one filling begun after another, what is worth most a length first, while what it could come to is enough
 * (branch and bound: Horowitz & Sahni 1974; from memory, checked by test): mostly done soon.
 * @returns undefined where it found none and was not done
 */
function followed(items: readonly Item[], capacity: number, threshold: number, wanted: number): Fillings | undefined {
  const order = items
    .map((item, i) => ({ ...item, i, worth: item.value / item.length }))
    .filter((item) => item.value > 1e-12 && item.most > 0 && item.length <= capacity)
    .sort((a, b) => b.worth - a.worth);
  const hopes = hopesOf(order, capacity);
  const counts = order.map(() => 0);
  const found: Filling[] = [];
  let cutoff = threshold;
  let steps = 0;
  const visit = (from: number, room: number, value: number): void => {
    const at = Math.floor((room * STEPS) / capacity);
    let whole = true;
    for (let k = from; k < order.length; k++) {
      const item = order[k]!;
      // The worth of rows made of sums in another order may differ in the last place.
      if (value + Math.min(hopes[k * (STEPS + 1) + at]! * (1 + 1e-12), room * item.worth) <= cutoff) break;
      if (item.length > room || counts[k]! >= item.most) continue;
      if (steps++ > FOLLOWED) return;
      whole = false;
      counts[k]!++;
      visit(k, room - item.length, value + item.value);
      counts[k]!--;
    }
    if (!whole || value <= cutoff) return;
    const all = items.map(() => 0);
    order.forEach(({ i }, k) => {
      all[i] = counts[k]!;
    });
    found.push({ counts: all, value });
    // Once there are enough, only better ones count.
    if (found.length >= wanted) cutoff = Math.max(...found.map((f) => f.value));
  };
  visit(0, capacity, 0);
  const exact = steps <= FOLLOWED;
  if (!exact && found.length === 0) return undefined;
  return { exact, best: found.sort((a, b) => b.value - a.value).slice(0, wanted) };
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
 * The same by dynamic programming over lists of fillings begun of which none is longer and worth less than another
 * (Nemhauser & Ullmann 1969; from memory, checked by test): slower, but never for ever. Those are dropped early that
 * could not come above the threshold even if all the rest were filled at the next best worth a length.
 */
function listed(items: readonly Item[], capacity: number, threshold: number, wanted: number): Filling[] {
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

/**
 * Fillings of one bar worth more than a threshold: the best there are, or where that takes long some others.
 * @param items in whole units of length
 * @param capacity of the bar in the same units
 * @param wanted how many at most
 * @param patient waits for the best in any case
 * @returns how many of each item, and what they are worth; none means there is none
 */
export function fillings(
  items: readonly Item[],
  capacity: number,
  threshold: number,
  wanted: number,
  patient: boolean,
): Fillings {
  const soon = followed(items, capacity, threshold, wanted);
  if (soon && (soon.exact || !patient)) return soon;
  return { best: listed(items, capacity, threshold, wanted), exact: true };
}
