import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { ShortFirst } from "./shortFirst";

const dice = (seed: number) => {
  const generator = xoroshiro128plus(seed);
  return () => (generator.next() >>> 0) / 2 ** 32;
};
const total = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
const always = () => true;

/** Bars cut up at random into so many pieces each, a little wasted of every one. */
function cutUp(random: () => number, capacities: readonly number[], waste: number): number[] {
  return capacities.flatMap((capacity) => {
    const room = capacity - Math.floor(waste * random());
    const cuts = Array.from({ length: capacity > 3000 ? 3 : 1 }, () => 1 + Math.floor(random() * (room - 2)));
    const ends = [0, ...new Set(cuts), room].sort((a, b) => a - b);
    return ends.slice(1).map((end, k) => end - ends[k]!);
  });
}

describe("short bars first", () => {
  const capacities = [6000, 6000, 6000, 2500, 2500, 1400];
  it("puts each piece into one bar, none too full", () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 0, max: 40 }), (seed, waste) => {
        const random = dice(seed);
        const lengths = cutUp(random, capacities, waste);
        const found = new ShortFirst(lengths, capacities, random).go(20, always);
        if (!found) return;
        expect(found.flat().sort((a, b) => a - b)).toEqual(lengths.map((_, i) => i));
        found.forEach((places, bar) => {
          expect(total(places.map((i) => lengths[i]!))).toBeLessThanOrEqual(capacities[bar]!);
        });
      }),
      { numRuns: 40 },
    );
  });
  it("finds a way for nearly all of forty sets that were cut up with little waste", () => {
    const found = Array.from({ length: 40 }, (_, seed) => {
      const random = dice(seed + 1);
      return new ShortFirst(cutUp(random, capacities, 40), capacities, random).go(300, always);
    });
    expect(found.filter((bars) => bars).length).toBeGreaterThanOrEqual(36);
  });
  it("answers nothing where there is no way, where no bar is short, and where it is stopped", () => {
    // Long enough together, but three of 900 do not go into 2000 and 700.
    expect(new ShortFirst([900, 900, 900], [2000, 700], dice(1)).go(20, always)).toBeUndefined();
    expect(new ShortFirst([900, 900], [1000, 1000], dice(1)).go(20, always)).toBeUndefined();
    expect(new ShortFirst([900, 600], [1000, 400, 200], dice(1)).go(20, always)).toBeUndefined();
    expect(new ShortFirst([1900, 900], [2000, 900], dice(1)).go(20, () => false)).toBeUndefined();
    expect(new ShortFirst([1900, 900], [2000, 900], dice(1)).go(20, always)).toEqual([[0], [1]]);
  });
  it("gives up where too much fills a short bar to be listed", () => {
    const lengths = Array.from({ length: 60 }, (_, i) => 20 + i);
    expect(new ShortFirst(lengths, [6000, 1500, 1500], dice(1)).go(20, always)).toBeUndefined();
  });
});
