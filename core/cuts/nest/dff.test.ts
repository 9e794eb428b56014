import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dualBound, dualsFor } from "./dff";
import type { Kind } from "./tree";

const kind = (w: number, h: number, rotate = false): Kind => ({ w, h, area: w * h, rotate });
const sheet = (w: number, h: number, price = 1) => ({ w, h, price, count: 100 });

describe("dual feasible functions", () => {
  it("never make of shares that fit a length more than that length", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 12 }), (parts) => {
        // Shares of 60ths, as many as fit.
        const fitting: number[] = [];
        for (const p of parts) if (fitting.reduce((a, b) => a + b, 0) + p <= 60) fitting.push(p);
        const shares = fitting.map((p) => p / 60);
        for (const [i, dual] of dualsFor(parts.map((p) => p / 60)).entries())
          expect(
            shares.reduce((sum, x) => sum + dual(x), 0),
            `function ${i}`,
          ).toBeLessThanOrEqual(1 + 1e-9);
      }),
      { numRuns: 300 },
    );
  });
});

describe("the bound by dual feasible functions", () => {
  it("sees that parts over half a side can only lie above one another", () => {
    // Area says 2; five parts 6 × 3 on 10 × 10 stack three to a sheet.
    expect(Math.ceil(dualBound([kind(6, 3)], [5], [sheet(10, 10)]) - 1e-6)).toBe(2);
    // Four parts 6 × 6: area says 2, none shares a sheet.
    expect(Math.ceil(dualBound([kind(6, 6, true)], [4], [sheet(10, 10)]) - 1e-6)).toBe(4);
  });

  it("takes each part where it costs least", () => {
    // A part 8 × 4 fits the small sheet for 1 as well as a quarter of the large one for 10.
    const bound = dualBound([kind(8, 4)], [4], [sheet(16, 10, 10), sheet(8, 4, 1)]);
    expect(bound).toBeGreaterThan(3.9);
    expect(bound).toBeLessThanOrEqual(4 + 1e-9);
  });

  it("is zero without parts or sheets", () => {
    expect(dualBound([], [], [sheet(1, 1)])).toBe(0);
    expect(dualBound([kind(1, 1)], [1], [])).toBe(0);
  });
});
