import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { CountedFinder } from "./counted";
import { gridFor } from "./grid";
import { givenBy, sheetOf } from "./patternMaster";
import { RealPatterns } from "./real";
import { Relaxation } from "./relax";
import { start } from "./start";
import { eachPart, type Kind } from "./tree";

const kind = (w: number, h: number, rotate: boolean): Kind => ({ w, h, area: w * h, rotate });
const sheet = (w: number, h: number) => ({ w, h, price: 1, count: 1e9 });
const always = () => true;

/** All ways to take of each kind no more than there are. */
const shares = (counts: readonly number[]): number[][] =>
  counts.reduce<number[][]>(
    (all, n) => all.flatMap((had) => Array.from({ length: n + 1 }, (_, i) => [...had, i])),
    [[]],
  );

/** The most a sheet can be worth, every whole cut and every sharing out of the parts tried. */
function everyShare(
  list: Kind[],
  values: number[],
  counts: number[],
  w: number,
  h: number,
  known = new Map<string, number>(),
): number {
  const key = `${w},${h},${counts.join()}`;
  const had = known.get(key);
  if (had !== undefined) return had;
  let best = 0;
  list.forEach((k, i) => {
    const fits = (k.w <= w && k.h <= h) || (k.rotate && k.h <= w && k.w <= h);
    if (fits && counts[i]! > 0) best = Math.max(best, values[i]!);
  });
  for (const one of shares(counts)) {
    const other = counts.map((n, i) => n - one[i]!);
    for (let a = 1; a < w; a++)
      best = Math.max(
        best,
        everyShare(list, values, one, a, h, known) + everyShare(list, values, other, w - a, h, known),
      );
    for (let b = 1; b < h; b++)
      best = Math.max(
        best,
        everyShare(list, values, one, w, b, known) + everyShare(list, values, other, w, h - b, known),
      );
  }
  known.set(key, best);
  return best;
}

const size = fc.integer({ min: 2, max: 6 });
const case_ = {
  kinds: fc.array(
    fc.tuple(size, size, fc.boolean()).map(([w, h, turn]) => kind(w, h, turn)),
    { minLength: 3, maxLength: 3 },
  ),
  values: fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 3, maxLength: 3 }),
  counts: fc.array(fc.integer({ min: 1, max: 2 }), { minLength: 3, maxLength: 3 }),
  w: fc.integer({ min: 6, max: 8 }),
  h: fc.integer({ min: 6, max: 8 }),
};

describe("cuttings with no part more often than there are, none left out", () => {
  it("are there up to what trying every cut and every sharing out finds, and none above it", () => {
    fc.assert(
      fc.property(fc.record(case_), ({ kinds, values, counts, w, h }) => {
        const stock = sheet(w, h);
        const grid = gridFor(kinds, counts, [stock])!;
        const best = everyShare(kinds, values, counts, w, h);
        const finder = new CountedFinder(grid, counts);
        expect(finder.above(values, [best], always)).toEqual([]);
        const found = finder.above(values, [best - 0.5], always)!;
        expect(found.length).toBeGreaterThan(0);
        for (const { piece } of found) {
          for (const [k, n] of givenBy(piece)) expect(n).toBeLessThanOrEqual(counts[k]!);
          const placed = kinds.map(() => 0);
          eachPart(sheetOf(piece, stock, grid.step!, kinds), (k) => placed[k]!++);
          expect(placed.reduce((sum, n, k) => sum + n * values[k]!, 0)).toBe(best);
        }
      }),
      { numRuns: 25 },
    );
  });

  it("tell apart what is asked of each of several sheets", () => {
    const kinds = [kind(5, 5, true), kind(3, 3, true)];
    const stocks = [sheet(9, 6), sheet(6, 6)];
    const finder = new CountedFinder(gridFor(kinds, [1, 1], stocks)!, [1, 1]);
    // Both lie on the larger, one at most on the smaller; of the larger part there is one only.
    expect(finder.above([2, 1], [3, 2], always)).toEqual([]);
    expect(finder.above([2, 1], [2.5, 2], always)!.map((f) => f.stock)).toEqual([0]);
    expect(finder.above([2, 1], [3, 1.5], always)!.map((f) => f.stock)).toEqual([1]);
  });

  it("are given up when stopped, and nothing is claimed", () => {
    const kinds = [kind(5, 5, true), kind(3, 3, true)];
    const finder = new CountedFinder(gridFor(kinds, [1, 1], [sheet(9, 9)])!, [1, 1]);
    expect(finder.above([2, 1], [3], () => false)).toBeUndefined();
  });
});

describe("a bound by them", () => {
  const realOf = (kinds: Kind[], counts: number[], stocks: ReturnType<typeof sheet>[]) => {
    const relaxation = new Relaxation(kinds, counts, stocks, []);
    relaxation.advance(300, always);
    const grid = relaxation.grid!;
    const real = new RealPatterns(kinds, counts, stocks, { ...grid, step: grid.step! }, [], relaxation.steady);
    real.advance(100, always);
    return { relaxation, real };
  };

  it("counts what parts in any number do not", () => {
    // One part along the sheet and one across it never lie on one sheet, and there is one of each. With two of each, half
    // a sheet would do for either; the small part makes that a quarter more.
    const { relaxation, real } = realOf(
      [kind(5, 10, false), kind(10, 5, false), kind(5, 5, true)],
      [1, 1, 1],
      [sheet(10, 10)],
    );
    expect(relaxation.bound).toBeCloseTo(1.25, 5);
    expect(real.exceeds(1.9, always)).toBe(true);
    expect(real.exceeds(2, always)).toBe(false);
  });

  it("never claims more than a nesting that is known costs", () => {
    const generator = xoroshiro128plus(5);
    const random = () => (generator.next() >>> 0) / 2 ** 32;
    fc.assert(
      fc.property(fc.record(case_), fc.integer({ min: 1, max: 3 }), ({ kinds, counts, w, h }, times) => {
        const many = counts.map((n) => n * times);
        // A second, smaller sheet, of which there are few.
        const stocks = [sheet(w, h), { w, h: 6, price: 0.7, count: 2 }];
        const { real } = realOf(kinds, many, stocks);
        const { cost } = start(kinds, many, stocks, random);
        expect(real.exceeds(cost, always)).not.toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});
