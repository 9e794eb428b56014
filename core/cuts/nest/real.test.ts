import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { caseClasses } from "../../../bench/nest/instances";
import { BoundedFinder } from "./bounded";
import { gridFor } from "./grid";
import { PatternFinder, type Piece } from "./pattern";
import { givenBy, sheetOf } from "./patternMaster";
import { inMicrometres } from "./problem";
import { RealPatterns } from "./real";
import { Relaxation } from "./relax";
import { eachPart, type Kind, type Node } from "./tree";

const kind = (w: number, h: number, rotate: boolean): Kind => ({ w, h, area: w * h, rotate });
const sheet = (w: number, h: number) => ({ w, h, price: 1, count: 1e9 });
const always = () => true;

/** The most a sheet can be worth by one part after another in a corner and two cuts, every order tried: a cutting anyhow. */
function byCorners(list: readonly Kind[], values: readonly number[], left: number[], w: number, h: number): number {
  let best = 0;
  list.forEach((k, i) => {
    if (left[i] === 0) return;
    for (const [a, b] of k.rotate ? [[k.w, k.h] as const, [k.h, k.w] as const] : [[k.w, k.h] as const]) {
      if (a > w || b > h) continue;
      left[i]!--;
      const beside = byCorners(list, values, left, w - a, h);
      const above = byCorners(list, values, left, w, h - b);
      best = Math.max(best, values[i]! + beside, values[i]! + above);
      left[i]!++;
    }
  });
  return best;
}

/** Every part lies within its sheet, and no two in the same place: blocks under a cut are apart, each part fits its leaf. */
function lies(node: Node, kinds: readonly Kind[]): void {
  if (node.first && node.second) {
    const across = node.axis === "x";
    expect(across ? node.first.w + node.second.w : node.first.h + node.second.h).toBe(across ? node.w : node.h);
    lies(node.first, kinds);
    lies(node.second, kinds);
  } else if (node.part >= 0) {
    const { w, h, rotate } = kinds[node.part]!;
    const fits = (w === node.w && h === node.h) || (rotate && h === node.w && w === node.h);
    expect(fits).toBe(true);
  }
}

const values = fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 4, maxLength: 4 });
const counts = fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 4, maxLength: 4 });
const size = fc.integer({ min: 2, max: 9 });
const kindsOf = (turn: fc.Arbitrary<boolean>) =>
  fc.array(
    fc.tuple(size, size, turn).map(([w, h, may]) => kind(w, h, may)),
    { minLength: 4, maxLength: 4 },
  );

describe("patterns with no part more often than there are", () => {
  const check = (list: Kind[], of: number[], left: number[], w: number, h: number) => {
    const stock = sheet(w, h);
    const grid = gridFor(list, left, [stock]);
    if (!grid?.step) return;
    const [bounded, unbounded] = [new BoundedFinder(grid), new PatternFinder(grid)];
    // A table filled before must leave nothing behind.
    bounded.fill([...of].reverse(), left);
    bounded.fill(of, left);
    unbounded.fill(of);
    const found = bounded.patterns(0, 0, 50);
    const worth = (piece: Piece) => [...givenBy(piece)].reduce((sum, [k, n]) => sum + n * of[k]!, 0);
    for (const piece of found) {
      for (const [k, n] of givenBy(piece)) expect(n).toBeLessThanOrEqual(left[k]!);
      const root = sheetOf(piece, stock, grid.step, list);
      lies(root, list);
      const given = new Map<number, number>();
      eachPart(root, (k) => given.set(k, (given.get(k) ?? 0) + 1));
      expect(given).toEqual(givenBy(piece));
      expect(worth(piece)).toBeLessThanOrEqual(unbounded.best(0) + 1e-9);
    }
    // The best of them holds at least the best single part, and what is said of it is so.
    const singles = list.flatMap((k, i) =>
      left[i]! > 0 && ((k.w <= w && k.h <= h) || (k.rotate && k.h <= w && k.w <= h)) ? [of[i]!] : [],
    );
    expect(found.length > 0).toBe(singles.length > 0);
    if (singles.length > 0) expect(worth(found[0]!)).toBeGreaterThanOrEqual(Math.max(...singles));
  };
  it("can be cut as they are, on any sheet", () => {
    fc.assert(
      fc.property(kindsOf(fc.boolean()), values, counts, fc.integer({ min: 9, max: 16 }), size, (l, v, c, w, h) =>
        check(l, v, c, w, h),
      ),
    );
  });
  it("can be cut as they are, where everything may be turned", () => {
    fc.assert(
      fc.property(kindsOf(fc.constant(true)), values, counts, fc.integer({ min: 9, max: 16 }), (l, v, c, w) =>
        check(l, v, c, w, w),
      ),
    );
  });
  it("are mostly as good as any found by corners", () => {
    const generator = xoroshiro128plus(11);
    const random = () => (generator.next() >>> 0) / 2 ** 32;
    let [ours, theirs] = [0, 0];
    for (let i = 0; i < 40; i++) {
      const list = Array.from({ length: 4 }, () =>
        kind(2 + Math.floor(7 * random()), 2 + Math.floor(7 * random()), true),
      );
      const of = list.map((k) => k.area);
      const grid = gridFor(list, [1, 1, 2, 2], [sheet(13, 13)])!;
      const finder = new BoundedFinder(grid);
      finder.fill(of, [1, 1, 2, 2]);
      const [best] = finder.patterns(0, 0, 1);
      ours += [...givenBy(best)].reduce((sum, [k, n]) => sum + n * of[k]!, 0);
      theirs += byCorners(list, of, [1, 1, 2, 2], 13, 13);
    }
    expect(ours / theirs).toBeGreaterThan(0.95);
  });
});

describe("layouts made of patterns", () => {
  const classes = caseClasses(10, 5);
  it("are made where patterns cost whole sheets to the last part, and promise nothing under that", () => {
    // Seven sheets of 12 × 10 mm cut up alike, without waste.
    const list = [kind(5, 10, false), kind(7, 4, false), kind(7, 6, false)];
    const counts = [7, 7, 7];
    const stocks = [sheet(12, 10)];
    const grid = gridFor(list, counts, stocks)!;
    const duals = Float64Array.from(list, (k) => k.area / 120);
    const real = new RealPatterns(list, counts, stocks, { ...grid, step: grid.step! }, [], duals);
    real.advance(200, always);
    expect(real.value).toBeCloseTo(7, 9);
    expect([real.promises(7), real.promises(8)]).toEqual([false, true]);
    const generator = xoroshiro128plus(5);
    const layout = real.dive(8, () => (generator.next() >>> 0) / 2 ** 32, always);
    expect([layout.cost, layout.pool.left.reduce((a, b) => a + b, 0)]).toEqual([7, 0]);
  });

  it("hold every part once, on sheets under the limit", () => {
    const generator = xoroshiro128plus(3);
    const random = () => (generator.next() >>> 0) / 2 ** 32;
    let all = 0;
    for (const name of ["classical, rotation", "classical, fixed"])
      for (const { instance } of classes.find((c) => c.name === name)!.cases.slice(4, 6)) {
        const { kinds, counts: wanted, stocks } = inMicrometres(instance);
        const relaxation = new Relaxation(kinds, wanted, stocks, []);
        relaxation.advance(200, always);
        const grid = relaxation.grid!;
        if (!grid.step) continue;
        const real = new RealPatterns(kinds, wanted, stocks, { ...grid, step: grid.step! }, [], relaxation.steady);
        real.advance(60, always);
        // What can be cut costs no less than what need not be.
        expect(real.value).toBeGreaterThanOrEqual(relaxation.bound - 1e-3);
        const below = Math.ceil(relaxation.bound) + 1.5;
        const layout = real.dive(below, random, always);
        expect(layout.cost).toBeLessThan(below);
        expect(layout.cost).toBe(layout.sheets.length);
        const placed = [...layout.pool.left];
        for (const { root } of layout.sheets) eachPart(root, (k) => placed[k]!++);
        expect(placed).toEqual(wanted);
        for (const { root } of layout.sheets) lies(root, kinds);
        if (layout.pool.left.every((n) => n === 0)) all++;
      }
    expect(all).toBeGreaterThan(2);
  });
});
