import fc from "fast-check";
import jstat from "jstat";
import { describe, expect, it } from "vitest";
import { type Belief, believe, meanQuantile, nextQuantile } from "./mixture";

const anyBelief = fc.record({
  mean: fc.double({ min: -1, max: 1, noNaN: true }),
  weight: fc.double({ min: 1, max: 40, noNaN: true }),
  shape: fc.double({ min: 1, max: 20, noNaN: true }),
  scale: fc.double({ min: 0.02, max: 2, noNaN: true }),
}) satisfies fc.Arbitrary<Belief>;

describe("what is believed of a normal variable", () => {
  it("tells the next one as Student's t does (jStat; the closed form, source: gelman-bda)", () => {
    fc.assert(
      fc.property(anyBelief, fc.constantFrom(0.05, 0.25, 0.5, 0.75, 0.95), (belief, p) => {
        const { mean, weight, shape, scale } = belief;
        const spread = Math.sqrt((scale / shape) * (1 + 1 / weight));
        const theirs = mean + jstat.studentt.inv(p, 2 * shape) * spread;
        expect(Math.abs(nextQuantile(belief, p) - theirs) / spread).toBeLessThan(0.02);
      }),
      { numRuns: 60 },
    );
  });

  it("is the same whether entries come one by one or together", () => {
    const xs = fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(anyBelief, xs, (prior, list) => {
        const together = believe(prior, list);
        const singly = list.reduce((belief, x) => believe(belief, [x]), prior);
        for (const key of ["mean", "weight", "shape", "scale"] as const)
          expect(singly[key]).toBeCloseTo(together[key], 9);
      }),
      { numRuns: 60 },
    );
  });

  it("has quantiles in order, the mean's within the next one's once there are some entries", () => {
    fc.assert(
      fc.property(anyBelief, (belief) => {
        const ps = [0.025, 0.25, 0.5, 0.75, 0.975];
        for (const of of [nextQuantile, meanQuantile]) {
          const qs = ps.map((p) => of(belief, p));
          expect(qs).toEqual([...qs].sort((a, b) => a - b));
          expect(qs.every(Number.isFinite)).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });
});
