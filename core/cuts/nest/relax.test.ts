import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { caseClasses } from "../../../bench/nest/instances";
import type { NestInstance } from "./format";
import { gridFor } from "./grid";
import { search } from "./nest";
import { PatternFinder, type Piece } from "./pattern";
import { inMicrometres } from "./problem";
import { Relaxation } from "./relax";
import type { Kind } from "./tree";

const kind = (w: number, h: number, rotate: boolean): Kind => ({ w, h, area: w * h, rotate });
const kinds = fc.array(
  fc
    .tuple(fc.integer({ min: 2, max: 9 }), fc.integer({ min: 2, max: 9 }), fc.boolean())
    .map(([w, h, turn]) => kind(w, h, turn)),
  { minLength: 1, maxLength: 4 },
);
const sheet = (w: number, h: number) => ({ w, h, price: 1, count: 1e9 });
const always = () => true;

/** The most a sheet can be worth, every whole cut tried; parts in any number. */
function everyCut(list: Kind[], values: number[], w: number, h: number, known = new Map<number, number>()): number {
  const key = 100 * w + h;
  const had = known.get(key);
  if (had !== undefined) return had;
  let best = 0;
  list.forEach((k, i) => {
    if ((k.w <= w && k.h <= h) || (k.rotate && k.h <= w && k.w <= h)) best = Math.max(best, values[i]!);
  });
  for (let a = 1; a < w; a++)
    best = Math.max(best, everyCut(list, values, a, h, known) + everyCut(list, values, w - a, h, known));
  for (let b = 1; b < h; b++)
    best = Math.max(best, everyCut(list, values, w, b, known) + everyCut(list, values, w, h - b, known));
  known.set(key, best);
  return best;
}

/** What a pattern is worth, and whether its parts lie within their blocks. */
function worthOf(piece: Piece | undefined, values: number[], w: number, h: number): number {
  if (!piece) return 0;
  if ("entry" in piece) {
    expect(piece.entry.w).toBeLessThanOrEqual(w);
    expect(piece.entry.h).toBeLessThanOrEqual(h);
    return values[piece.entry.kind]!;
  }
  const { axis, at, first, second } = piece;
  return axis === "x"
    ? worthOf(first, values, at, h) + worthOf(second, values, w - at, h)
    : worthOf(first, values, w, at) + worthOf(second, values, w, h - at);
}

describe("the best pattern of a sheet", () => {
  it("is worth what trying every cut finds, and can be cut", () => {
    fc.assert(
      fc.property(
        kinds,
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 4, maxLength: 4 }),
        fc.integer({ min: 9, max: 16 }),
        fc.integer({ min: 9, max: 16 }),
        (list, values, w, h) => {
          // So many of each that the sides a block can have are not held down by the count; two stocks, so none is raised.
          const counts = list.map(() => 9);
          const stocks = [sheet(w, h), sheet(w - 1, h)];
          const grid = gridFor(list, counts, stocks)!;
          const finder = new PatternFinder(grid);
          finder.fill(values);
          stocks.forEach((s, i) => {
            const best = everyCut(list, values, s.w, s.h);
            expect(finder.best(i)).toBe(best);
            const [first] = finder.patterns(i, best - 0.5, 3);
            expect(worthOf(first, values, grid.stocks[i]!.w, grid.stocks[i]!.h)).toBe(best);
          });
        },
      ),
      { numRuns: 60 },
    );
  });
});

/** Boxes cut at random from one sheet: they fit it, whatever the grid says. */
function cutUp(w: number, h: number, cuts: number, random: () => number): Kind[] {
  const boxes = [kind(w, h, false)];
  for (let n = 0; n < cuts; n++) {
    const at = Math.floor(random() * boxes.length);
    const box = boxes[at]!;
    const across = random() < 0.5;
    const side = across ? box.w : box.h;
    if (side < 2000) continue;
    const cut = 1000 + Math.floor(random() * (side - 1999));
    boxes.splice(
      at,
      1,
      ...(across
        ? [kind(cut, box.h, false), kind(box.w - cut, box.h, false)]
        : [kind(box.w, cut, false), kind(box.w, box.h - cut, false)]),
    );
  }
  return boxes;
}

describe("a grid", () => {
  it("holds in steps whatever fits a sheet, also where it rounds and where parts are raised", () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 3, max: 14 }), (seed, cuts) => {
        const generator = xoroshiro128plus(seed);
        const random = () => (generator.next() >>> 0) / 2 ** 32;
        const [w, h] = [2_433_237, 1_213_211];
        const boxes = cutUp(w, h, cuts, random);
        const one = [{ w, h, price: 1, count: 1e9 }];
        const relaxation = new Relaxation(
          boxes,
          boxes.map(() => 1),
          one,
          [],
        );
        relaxation.advance(60, always);
        // They lie on one sheet: a bound above one sheet would be false.
        expect(relaxation.bound).toBeLessThanOrEqual(1);
      }),
      { numRuns: 12 },
    );
  });
});

describe("the bound by column generation", () => {
  const run = (instance: NestInstance, rounds: number) => {
    const { kinds: list, counts, stocks } = inMicrometres(instance);
    const relaxation = new Relaxation(list, counts, stocks, []);
    relaxation.advance(rounds, always);
    return { relaxation, list, counts, stocks };
  };
  const classes = caseClasses(10, 5);

  it("is never above an optimum known by construction, and stays under it round by round", () => {
    for (const { instance, optimum } of classes.find((c) => c.name.includes("0 %"))!.cases.slice(0, 5))
      for (const rounds of [1, 5, 60]) expect(run(instance, rounds).relaxation.bound).toBeLessThanOrEqual(optimum!);
  });

  it("is never above what a search finds, and proves more than dual functions alone", () => {
    let raised = 0;
    for (const name of ["classical, rotation", "classical, fixed"])
      for (const { instance } of classes.find((c) => c.name === name)!.cases.filter((_, i) => i % 2 === 0)) {
        const { relaxation } = run(instance, 200);
        const quick = search(instance);
        const { bound } = quick.state();
        for (let i = 0; i < 3; i++) quick.round();
        const { cost } = quick.state();
        expect(relaxation.bound).toBeLessThanOrEqual(cost + 1e-9);
        if (Math.ceil(relaxation.bound - 1e-6) > bound) raised++;
      }
    expect(raised).toBeGreaterThan(0);
  });

  it("is never above what a search finds with several sheet sizes, limits, grain and sides that are rounded", () => {
    for (const { instance } of classes.find((c) => c.name.startsWith("shop, 10"))!.cases.slice(0, 6)) {
      const { relaxation } = run(instance, 15);
      const quick = search(instance);
      for (let i = 0; i < 3; i++) quick.round();
      expect(relaxation.bound).toBeLessThanOrEqual(quick.state().cost + 1e-9);
    }
  });
});
