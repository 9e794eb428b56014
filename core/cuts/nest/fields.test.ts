import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fieldsFor, isAsMuch, together } from "./fields";

/** How many there are of each kind, and two choices of no more than that. */
const choices = fc
  .array(fc.oneof(fc.constant(1), fc.integer({ min: 0, max: 9 })), { minLength: 1, maxLength: 50 })
  .chain((counts) =>
    fc.record({
      counts: fc.constant(counts),
      one: fc.tuple(...counts.map((n) => fc.integer({ min: 0, max: n }))),
      other: fc.tuple(...counts.map((n) => fc.integer({ min: 0, max: n }))),
    }),
  );

/** A choice as a sum in the words, from a place on. */
function sumOf(counts: readonly number[], of: readonly number[], at: number) {
  const fields = fieldsFor(
    counts,
    counts.map((_, kind) => kind),
  );
  const sum = new Int32Array(at + fields.words);
  of.forEach((n, kind) => {
    if (n > 0) sum[at + fields.word[kind]!]! += n * fields.one[kind]!;
  });
  return { fields, sum };
}

describe("counts in fields of bits", () => {
  it("tell whether two choices together are more than there are", () => {
    fc.assert(
      fc.property(choices, ({ counts, one, other }) => {
        const { fields, sum } = sumOf(counts, one, 3);
        const fits = counts.every((n, kind) => one[kind]! + other[kind]! <= n);
        expect(together(fields, sum, 3, sumOf(counts, other, 0).sum, 0)).toBe(fits);
      }),
    );
  });

  it("tell whether one choice holds another", () => {
    fc.assert(
      fc.property(choices, fc.boolean(), ({ counts, one, other }, held) => {
        const less = held ? other.map((n, kind) => Math.min(n, one[kind]!)) : other;
        const { fields, sum } = sumOf(counts, one, 0);
        expect(isAsMuch(fields, sum, sumOf(counts, less, 0).sum)).toBe(less.every((n, kind) => n <= one[kind]!));
      }),
    );
  });
});
