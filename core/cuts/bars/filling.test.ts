import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { completeBars } from "./completion";
import { barMixes, mayDo } from "./mixes";
import { nearestSum, sumsBetween, sumsFrom } from "./subset";

const dice = (seed: number) => {
  const generator = xoroshiro128plus(seed);
  return () => (generator.next() >>> 0) / 2 ** 32;
};
const total = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
/** The sums of every choice, by trying all. */
const everySum = (lengths: readonly number[]) =>
  lengths.reduce<number[]>((sums, length) => sums.concat(sums.map((s) => s + length)), [0]);

const few = fc.array(fc.integer({ min: 1, max: 9000 }), { maxLength: 11 });

describe("sums of lengths", () => {
  it("come as near a room as trying every choice, by lengths that are there", () => {
    fc.assert(
      fc.property(few, fc.integer({ min: 0, max: 30_000 }), (lengths, room) => {
        const { places, sum } = nearestSum(lengths, room);
        expect(sum).toBe(Math.max(...everySum(lengths).filter((s) => s <= room)));
        expect(new Set(places).size).toBe(places.length);
        expect(total(places.map((k) => lengths[k]!))).toBe(sum);
      }),
    );
  });
  it("between two limits are all found, and none twice", () => {
    fc.assert(
      fc.property(few, fc.integer({ min: 0, max: 30_000 }), fc.integer({ min: 0, max: 3000 }), (lengths, low, wide) => {
        const found = sumsBetween(lengths, low, low + wide, 10_000);
        const wanted = everySum(lengths).filter((s) => s >= low && s <= low + wide);
        expect(found.map((f) => f.sum).sort((a, b) => a - b)).toEqual(wanted.sort((a, b) => a - b));
        expect(new Set(found.map((f) => f.places.join())).size).toBe(found.length);
        for (const { places, sum } of found) expect(total(places.map((k) => lengths[k]!))).toBe(sum);
      }),
    );
  });
  it("of many lengths lie between the limits, and one is found where a choice of few would do", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 900 }), { minLength: 1, maxLength: 30 }),
        fc.integer(),
        fc.integer({ min: 0, max: 50 }),
        (any, seed, wide) => {
          const lengths = [...any].sort((a, b) => b - a);
          const random = dice(seed);
          // What every third of them comes to is a sum that can be had.
          const low = total(lengths.filter((_, k) => k % 3 === 0));
          const found = sumsFrom(lengths, low, low + wide, 20, () => random() < 0.2);
          if (lengths.length <= 11) expect(found.length).toBeGreaterThan(0);
          for (const { places, sum } of found) {
            expect(new Set(places).size).toBe(places.length);
            expect(total(places.map((k) => lengths[k]!))).toBe(sum);
            expect(sum).toBeGreaterThanOrEqual(low);
            expect(sum).toBeLessThanOrEqual(low + wide);
          }
        },
      ),
    );
  });
});

describe("bars filled to the last unit", () => {
  it("are found where bars were cut up without waste, each piece once and none too long", () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 1, max: 6 }), (seed, bars) => {
        const random = dice(seed);
        const capacities = Array.from({ length: bars }, (_, b) => (b % 3 === 2 ? 2500 : 6000));
        const lengths = capacities.flatMap((capacity) => {
          const ends = [0, ...Array.from({ length: 4 }, () => Math.floor(random() * capacity)), capacity];
          ends.sort((a, b) => a - b);
          return ends.slice(1).flatMap((end, i) => (end > ends[i]! ? [end - ends[i]!] : []));
        });
        const found = completeBars(lengths, capacities, random, (looks) => looks < 60_000);
        if (bars < 5) expect(found).toBeDefined();
        found?.forEach((places, b) => {
          expect(total(places.map((i) => lengths[i]!))).toBe(capacities[b]);
        });
        if (found) expect(found.flat().sort((a, b) => a - b)).toEqual(lengths.map((_, i) => i));
      }),
      { numRuns: 30 },
    );
  });
  it("are not found where there are none", () => {
    expect(completeBars([6, 6, 6], [9, 9], dice(1), () => true)).toBeUndefined();
    expect(completeBars([6, 6], [9, 3], dice(1), (looks) => looks < 50)).toBeUndefined();
  });
});

describe("mixes of bars", () => {
  const problem = {
    pieces: [{ length: 7, count: 3 }],
    bars: [
      { length: 10, price: 20, count: Number.POSITIVE_INFINITY },
      { length: 7, price: 9, count: 2 },
      { length: 5, price: 0, count: 1 },
    ],
  };
  it("are those between two costs that are long enough and to be had, cheapest first, free ends in each", () => {
    // Two of 7 and the free 5 hold 19 of 21, and a third of 7 is not to be had.
    expect(barMixes(problem, 0, 60)).toEqual([
      { counts: [1, 1, 1], cost: 29 },
      { counts: [1, 2, 1], cost: 38 },
      { counts: [2, 0, 1], cost: 40 },
      { counts: [2, 1, 1], cost: 49 },
      { counts: [2, 2, 1], cost: 58 },
    ]);
  });
  it("that cannot do are told by fractions of patterns", () => {
    const may = (counts: number[], cost: number) => mayDo(problem, { counts, cost }, [], () => true);
    // A bar of 10 takes one piece of 7 as one of 7 does: three bars it must be.
    expect(may([1, 1, 1], 29)).toBe(false);
    expect(may([2, 0, 1], 40)).toBe(false);
    expect(may([1, 2, 1], 38)).toBe(true);
    expect(may([0, 0, 1], 0)).toBe(false);
  });
});
