/** Lengths of which all choices can be gone through in two halves. */
export const MOST_IN_HALVES = 24;
/** The shortest lengths of many, of which every choice is at hand while the others are chosen one by one. */
const SHORT_ONES = 10;
/** Choices of the longer ones that are followed up, at most. */
const MOST_FOLLOWED = 4000;

/** A choice of lengths: their places in a list, and their sum. */
export interface Sum {
  places: number[];
  sum: number;
}

/** A sum and its choice are one number: the sum times this, and a bit for each length of a half that is in it. */
const BITS = 2 ** (MOST_IN_HALVES / 2 + 1);
const sumOf = (packed: number) => Math.floor(packed / BITS);

/** Every choice of some lengths, by sum ascending. */
class Choices {
  packed = new Float64Array(2 ** (MOST_IN_HALVES / 2));
  count = 0;
  private other = this.packed.slice();

  of(lengths: readonly number[], from: number, to: number): void {
    this.packed[0] = 0;
    this.count = 1;
    for (let k = from; k < to; k++) this.withOneMore(lengths[k]! * BITS + 2 ** (k - from));
  }

  /** Index of the first sum that is not under a limit. */
  firstFrom(low: number): number {
    let [from, to] = [0, this.count];
    while (from < to) {
      const middle = (from + to) >> 1;
      if (this.packed[middle]! < low * BITS) from = middle + 1;
      else to = middle;
    }
    return from;
  }

  /** What was there, and all of it with one length more: two ascending lists become one. */
  private withOneMore(length: number): void {
    const { packed, count, other } = this;
    let at = 0;
    let withIt = 0;
    for (let without = 0; without < count; without++) {
      const next = packed[without]!;
      while (packed[withIt]! + length < next) other[at++] = packed[withIt++]! + length;
      other[at++] = next;
    }
    while (withIt < count) other[at++] = packed[withIt++]! + length;
    this.count = 2 * count;
    this.packed = other;
    this.other = packed;
  }
}
const [early, late] = [new Choices(), new Choices()];

function inHalves(lengths: readonly number[]): number {
  const half = lengths.length >> 1;
  early.of(lengths, 0, half);
  late.of(lengths, half, lengths.length);
  return half;
}

/** Places from `from` on that a choice takes. */
function placesOf(packed: number, from: number): number[] {
  const places: number[] = [];
  for (let k = 0, bits = packed % BITS; bits >> k > 0; k++) if (((bits >> k) & 1) === 1) places.push(from + k);
  return places;
}

/**
 * Those of a few lengths that together come nearest to a room without passing it, by the sums of either half of them
 * (Horowitz & Sahni 1974; from memory, checked by test).
 * @param lengths at most `MOST_IN_HALVES` of them, whole
 */
export function nearestSum(lengths: readonly number[], room: number): Sum {
  const half = inHalves(lengths);
  const [a, b] = [early.packed, late.packed];
  // Two choices added are their sums added: the bits of both together stay under one more of a sum.
  const over = (room + 1) * BITS;
  let best = 0;
  let choice = [0, 0];
  let j = late.count - 1;
  for (let i = 0; i < early.count && best < over - BITS; i++) {
    const one = a[i]!;
    if (one >= over) break;
    while (j > 0 && one + b[j]! >= over) j--;
    if (one + b[j]! > best && one + b[j]! < over) {
      best = one + b[j]!;
      choice = [one, b[j]!];
    }
  }
  return { places: [...placesOf(choice[0]!, 0), ...placesOf(choice[1]!, half)], sum: sumOf(best) };
}

/**
 * All choices of a few lengths whose sum lies between two limits.
 * @param lengths at most `MOST_IN_HALVES` of them, whole
 * @param most choices at most
 */
export function sumsBetween(lengths: readonly number[], low: number, high: number, most: number): Sum[] {
  const half = inHalves(lengths);
  const [a, b] = [early.packed, late.packed];
  const found: Sum[] = [];
  let j = late.count - 1;
  for (let i = 0; i < early.count; i++) {
    const one = a[i]!;
    while (j >= 0 && one + b[j]! >= (high + 1) * BITS) j--;
    for (let k = j; k >= 0 && one + b[k]! >= low * BITS; k--) {
      if (found.length >= most) return found;
      found.push({ places: [...placesOf(one, 0), ...placesOf(b[k]!, half)], sum: sumOf(one + b[k]!) });
    }
  }
  return found;
}

/**
 * Some choices of many lengths whose sum lies between two limits: long ones first, and short ones to make it up.
 * @param lengths longest first, whole
 * @param most choices at most
 * @param pass whether a length is passed over at first, asked anew for each
 */
export function sumsFrom(
  lengths: readonly number[],
  low: number,
  high: number,
  most: number,
  pass: () => boolean,
): Sum[] {
  const many = Math.max(0, lengths.length - SHORT_ONES);
  late.of(lengths, many, lengths.length);
  const found: Sum[] = [];
  const chosen: number[] = [];
  let followed = 0;
  const over = () => found.length >= most || followed > MOST_FOLLOWED;
  const visit = (from: number, sum: number): void => {
    followed++;
    const passed: number[] = [];
    for (let k = from; k < many && !over(); k++) {
      if (sum + lengths[k]! > high) continue;
      if (pass()) passed.push(k);
      else take(k, sum);
    }
    for (const k of passed) if (!over()) take(k, sum);
    if (over()) return;
    const at = late.firstFrom(low - sum);
    const short = at < late.count ? late.packed[at]! : Number.POSITIVE_INFINITY;
    if (sum + sumOf(short) <= high)
      found.push({ places: [...chosen, ...placesOf(short, many)], sum: sum + sumOf(short) });
  };
  const take = (k: number, sum: number) => {
    chosen.push(k);
    visit(k + 1, sum + lengths[k]!);
    chosen.pop();
  };
  visit(0, 0);
  return found;
}
