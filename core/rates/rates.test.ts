import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { mean, probit, sampleVariance } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { ownRate, ownRates, START_SPREAD } from "./own";

/** Draws that are the same every time. */
function drawn(seed: number) {
  const random = xoroshiro128plus(seed);
  const open = () => ((random.next() >>> 0) + 0.5) / 2 ** 32;
  const normal = () => probit(open());
  return {
    open,
    normal,
    lognormals: (n: number, mu: number, sigma: number) =>
      Array.from({ length: n }, () => Math.exp(mu + sigma * normal())),
  };
}
const share = (n: number, of: () => boolean) => Array.from({ length: n }, of).filter(Boolean).length / n;

describe("a builder's own rate", () => {
  it("is the lognormal mean of many entries, as simple-statistics has it", () => {
    const ratios = drawn(7).lognormals(400, Math.log(1.3), 0.3);
    const logs = ratios.map(Math.log);
    const theirs = Math.exp(mean(logs) + sampleVariance(logs) / 2);
    expect(ownRate(ratios).mean / theirs).toBeCloseTo(1, 2);
    expect(ownRate(ratios).middle / Math.exp(mean(logs))).toBeCloseTo(1, 2);
  });

  it("has a range for the mean that holds it 93 to 97 times in 100", () => {
    for (const [mu, sigma] of [
      [Math.log(1.4), 0.25],
      [Math.log(0.8), 0.35],
    ] as const) {
      const truth = Math.exp(mu + sigma ** 2 / 2);
      const draws = drawn(11);
      const held = share(1200, () => {
        const { meanLow, meanHigh } = ownRate(draws.lognormals(20, mu, sigma));
        return meanLow <= truth && truth <= meanHigh;
      });
      expect(held, `mean ${truth}`).toBeGreaterThanOrEqual(0.93);
      expect(held, `mean ${truth}`).toBeLessThanOrEqual(0.97);
    }
  });

  it("has a range for the next one that holds 88 to 92 of 100 held back, at 90 in 100", () => {
    const draws = drawn(13);
    const held = share(2500, () => {
      const [next, ...ratios] = draws.lognormals(21, Math.log(1.25), 0.3);
      const { low, high } = ownRate(ratios);
      return low <= next! && next! <= high;
    });
    expect(held).toBeGreaterThanOrEqual(0.88);
    expect(held).toBeLessThanOrEqual(0.92);
  });

  it("is pulled from the starting rate to the builder's own, one entry at a time", () => {
    const rates = [0, 1, 3, 20].map((n) => ownRate(Array<number>(n).fill(1.6)).middle);
    expect(rates[0]).toBeCloseTo(1, 6);
    // The starting rate is worth one entry: half-way at the first, twenty parts of twenty-one at the twentieth.
    expect(Math.log(rates[1]!) / Math.log(1.6)).toBeCloseTo(1 / 2, 6);
    expect(Math.log(rates[3]!) / Math.log(1.6)).toBeCloseTo(20 / 21, 6);
    expect(rates).toEqual([...rates].sort((a, b) => a - b));
  });

  it("begins about as wide as the starting rates, and narrows with entries that agree", () => {
    const width = (n: number) => {
      const { low, high } = ownRate(Array<number>(n).fill(1), START_SPREAD);
      return Math.log(high / low);
    };
    expect(width(1)).toBeGreaterThan(width(5));
    expect(width(5)).toBeGreaterThan(width(20));
    expect(width(0)).toBeGreaterThan(Math.log(1.6 / 0.6) * 0.8);
  });

  it("is not taught by what was mistyped, and knows nothing it was not told", () => {
    const rates = ownRates([
      { of: "work", id: "coat", planned: 10, actual: 6000 },
      { of: "work", id: "coat", planned: 10, actual: 0 },
      { of: "work", id: "foam", planned: 10, actual: 12 },
    ]);
    expect(rates.of("work", "coat")).toBeUndefined();
    expect(rates.of("work", "foam")?.entries).toBe(1);
    expect(rates.of("material", "foam")).toBeUndefined();
  });
});
