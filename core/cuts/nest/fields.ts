/** Bits of a word of counts that are used. */
const WORD = 31;

/** Where the counts of each kind stand in the words, and what tells that two sums are more than there are. */
export interface Fields {
  words: number;
  /** So many words come first that hold kinds of which there is one, a bit each. */
  singles: number;
  /** For each kind its word, and what one of it adds there; word −1 for kinds that are not wanted. */
  word: Int32Array;
  one: Int32Array;
  bias: Int32Array;
  guard: Int32Array;
}

/**
 * Fields of bits side by side. A kind of which there is one has a bit: two sums are more than there are where both have it.
 * Others have a bit to spare: two counts and a bias added set it exactly where together they are more than there are.
 * @param order of the kinds in the words
 */
export function fieldsFor(counts: readonly number[], order: readonly number[]): Fields {
  const word = new Int32Array(counts.length).fill(-1);
  const one = new Int32Array(counts.length);
  let singles = 0;
  order
    .filter((kind) => counts[kind] === 1)
    .forEach((kind, i) => {
      word[kind] = Math.floor(i / WORD);
      one[kind] = 1 << (i % WORD);
      singles = word[kind]! + 1;
    });
  const biases: number[] = [];
  const guards: number[] = [];
  let bit = WORD;
  for (const kind of order) {
    const count = counts[kind]!;
    if (count <= 1) continue;
    const bits = Math.ceil(Math.log2(count + 1));
    if (bit + bits + 1 > WORD) {
      biases.push(0);
      guards.push(0);
      bit = 0;
    }
    const at = biases.length - 1;
    word[kind] = singles + at;
    one[kind] = 1 << bit;
    biases[at]! += (2 ** bits - 1 - count) * 2 ** bit;
    guards[at]! += 2 ** (bit + bits);
    bit += bits + 1;
  }
  const none = new Array<number>(singles).fill(0);
  return {
    words: singles + biases.length,
    singles,
    word,
    one,
    bias: Int32Array.from([...none, ...biases]),
    guard: Int32Array.from([...none, ...guards]),
  };
}

/** Whether two sums, from their places in tables on, together are no more than there are. */
export function together(
  { words, singles, bias, guard }: Fields,
  one: Int32Array,
  x: number,
  other: Int32Array,
  y: number,
): boolean {
  for (let w = 0; w < singles; w++) if ((one[x + w]! & other[y + w]!) !== 0) return false;
  for (let w = singles; w < words; w++) if (((one[x + w]! + other[y + w]! + bias[w]!) & guard[w]!) !== 0) return false;
  return true;
}

/** Whether of each kind no less is in one sum than in another. */
export function isAsMuch({ words, singles, guard }: Fields, one: Int32Array, other: Int32Array): boolean {
  for (let w = 0; w < singles; w++) if ((other[w]! & ~one[w]!) !== 0) return false;
  for (let w = singles; w < words; w++)
    if ((((one[w]! | guard[w]!) - other[w]!) & guard[w]!) !== guard[w]!) return false;
  return true;
}
