import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { invert } from "./invert";

const matrix = fc.integer({ min: 1, max: 8 }).chain((n) =>
  fc.record({
    n: fc.constant(n),
    // A strong diagonal, its rows in another order: never singular, and never to be had without exchanging rows.
    cells: fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: n * n, maxLength: n * n }),
    turn: fc.integer({ min: 0, max: n - 1 }),
  }),
);

describe("an inverse", () => {
  it("times its matrix is one", () => {
    fc.assert(
      fc.property(matrix, ({ n, cells, turn }) => {
        const a = Float64Array.from(cells, (c, at) => c + ((Math.floor(at / n) + turn) % n === at % n ? 2 * n : 0));
        const b = invert(a.slice(), n)!;
        for (let i = 0; i < n; i++)
          for (let j = 0; j < n; j++) {
            let sum = 0;
            for (let k = 0; k < n; k++) sum += a[i * n + k]! * b[k * n + j]!;
            expect(sum).toBeCloseTo(i === j ? 1 : 0, 9);
          }
      }),
    );
  });
  it("is not to be had where one row is another's double", () => {
    expect(invert(Float64Array.from([1, 2, 2, 4]), 2)).toBeUndefined();
  });
});
