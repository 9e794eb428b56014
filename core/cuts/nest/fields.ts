/** Bits of a word of counts that are used. */
const WORD = 31;

/** Where the counts of each kind stand in the words, and what tells that two sums are more than there are. */
export interface Fields {
  words: number;
  /** For each kind its word, and what one of it adds there; word −1 for kinds that are not wanted. */
  word: Int32Array;
  one: Int32Array;
  bias: Int32Array;
  guard: Int32Array;
}

/**
 * Fields of bits side by side, each with a bit to spare: two counts and a bias added set it exactly where together they
 * are more than there are.
 * @param order of the kinds in the words
 */
export function fieldsFor(counts: readonly number[], order: readonly number[]): Fields {
  const word = new Int32Array(counts.length).fill(-1);
  const one = new Int32Array(counts.length);
  const biases: number[] = [0];
  const guards: number[] = [0];
  let bit = 0;
  for (const kind of order) {
    const count = counts[kind]!;
    if (count <= 0) continue;
    const bits = Math.ceil(Math.log2(count + 1));
    if (bit + bits + 1 > WORD) {
      biases.push(0);
      guards.push(0);
      bit = 0;
    }
    const at = biases.length - 1;
    word[kind] = at;
    one[kind] = 1 << bit;
    biases[at]! += (2 ** bits - 1 - count) * 2 ** bit;
    guards[at]! += 2 ** (bit + bits);
    bit += bits + 1;
  }
  return { words: biases.length, word, one, bias: Int32Array.from(biases), guard: Int32Array.from(guards) };
}
