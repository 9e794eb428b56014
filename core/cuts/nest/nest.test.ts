import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { EDGES } from "../../../bench/nest/edges";
import { caseClasses } from "../../../bench/nest/instances";
import { OPPONENTS } from "../../../bench/nest/opponents";
import { worthOf } from "./compare";
import { nestFaults, separable } from "./faults";
import type { NestInstance } from "./format";
import { nest, search } from "./nest";

const L = { id: "L", w: 2440, h: 1220, price: 62, count: null };
const S = { id: "S", w: 1220, h: 610, price: 18.5, count: null };
const job = (parts: NestInstance["parts"], more: Partial<NestInstance> = {}): NestInstance => ({
  format: "panel-nest/1",
  dim: 2,
  kerf: 3.2,
  trim: 5,
  offcutMinSide: 100,
  timeLimitMs: 2000,
  seed: 1,
  stock: [L],
  parts,
  ...more,
});
const part = (id: string, w: number, h: number, qty = 1, rotate = true) => ({ id, w, h, qty, rotate });

describe("worked sheet boxes", () => {
  const box = (depth: number, back: [number, number]) =>
    job([
      part("topBase", 1520, depth, 2),
      part("side", 600, depth, 2),
      part("back", ...back),
      part("dam", 1500, 100),
      part("rail", 1500, 60),
    ]);

  it("cuts the 600 deep box with its back laid over from two sheets, and proves it", () => {
    const instance = box(600, [1520, 620]);
    const solution = nest(instance);
    expect(nestFaults(instance, solution)).toEqual([]);
    expect(solution.sheets).toHaveLength(2);
    // 3.73 m² of parts, 2.94 m² usable a sheet.
    expect(solution.bound).toMatchObject({ sheets: 2, cost: 124 });
  });

  it("needs three when the back is inset, and proves it", () => {
    // 2 × 610 + 3.2 = 1223.2 > 1210: neither two of top and base nor either with the back share a sheet.
    const instance = box(610, [1500, 600]);
    const solution = nest(instance);
    expect(nestFaults(instance, solution)).toEqual([]);
    expect(solution.sheets).toHaveLength(3);
    expect(solution.bound).toMatchObject({ sheets: 3, cost: 186, proof: "pairs" });
  });
});

describe("edge cases", () => {
  it("fits what fits exactly, and not a tenth more", () => {
    expect(nest(job([part("a", 2430, 1210)])).sheets).toHaveLength(1);
    expect(nest(job([part("a", 2430.1, 1210)])).unplaced).toEqual([
      { partId: "a", qty: 1, why: "longer than any stock" },
    ]);
    expect(nest(job([part("a", 1213.4, 1210, 2)])).sheets).toHaveLength(1);
    expect(nest(job([part("a", 1213.5, 1210, 2)])).sheets).toHaveLength(2);
  });
  it("names grain-locked and too wide parts", () => {
    const solution = nest(job([part("locked", 600, 1300, 1, false), part("wide", 1300, 1300)]));
    expect(solution.unplaced.map((u) => u.why)).toEqual([
      "its grain locks it the wrong way for any stock",
      "wider than any stock",
    ]);
  });
  it("uses offcuts before buying, and says when limited stock is used up", () => {
    const offcut = { id: "O1", w: 900, h: 700, price: 0, count: 1, trim: 0 };
    const one = job([part("a", 900, 700)], { stock: [L, offcut] });
    expect(nest(one).sheets.map((s) => s.stock)).toEqual(["O1"]);
    const short = job([part("a", 900, 700, 3)], { stock: [offcut] });
    expect(nestFaults(short, nest(short))).toEqual([]);
    expect(nest(short).unplaced).toEqual([{ partId: "a", qty: 2, why: "the stock is used up" }]);
  });
  it("answers nothing for no parts or no stock", () => {
    expect(nest(job([])).sheets).toEqual([]);
    expect(nest(job([part("a", 10, 10)], { stock: [] })).unplaced[0]?.why).toBe("there is no stock of this material");
  });
  it("knows a layout that no saw can cut", () => {
    const pinwheel = [
      { x: 0, y: 0, w: 60, h: 30 },
      { x: 60, y: 0, w: 30, h: 60 },
      { x: 30, y: 60, w: 60, h: 30 },
      { x: 0, y: 30, w: 30, h: 60 },
    ];
    expect(separable(pinwheel, 0)).toBe(false);
    expect(separable(pinwheel.slice(0, 3), 0)).toBe(true);
  });
});

it("is always valid, never under its bound, and the same for the same seed", () => {
  const tenth = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10);
  const parts = fc.array(
    fc.record({
      w: tenth(20, 2600),
      h: tenth(20, 1300),
      qty: fc.integer({ min: 1, max: 4 }),
      rotate: fc.boolean(),
    }),
    { maxLength: 14 },
  );
  fc.assert(
    fc.property(
      parts,
      fc.constantFrom(0, 1.5, 3.2),
      fc.integer({ min: 0, max: 3 }),
      fc.integer(),
      (list, kerf, offcuts, seed) => {
        const stock = [L, S, { id: "O", w: 900, h: 700, price: 0, count: offcuts, trim: 0 }];
        const instance = job(
          list.map((p, i) => ({ id: `p${i}`, ...p })),
          { kerf, seed, stock },
        );
        const solution = nest(instance, 2);
        expect(nestFaults(instance, solution)).toEqual([]);
        expect(nest(instance, 2)).toEqual(solution);
      },
    ),
    { numRuns: 80 },
  );
});

it("takes a bound a hair over one sheet's price for two sheets, not for a dearer one", () => {
  const offcut = { id: "O", w: 900, h: 700, price: 0, count: 1, trim: 0 };
  const instance = job([part("a", 345, 1044.4, 2)], { kerf: 0, seed: -452772725, stock: [L, S, offcut] });
  const solution = nest(instance, 2);
  expect(nestFaults(instance, solution)).toEqual([]);
  expect(solution.bound.cost).toBe(37);
});

it("with limited stock leaves nothing out that a sheet still to be had would take", () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 60, max: 900 }), fc.integer({ min: 60, max: 600 })), {
        minLength: 4,
        maxLength: 16,
      }),
      fc.integer({ min: 0, max: 2 }),
      (sizes, small) => {
        const stock = [
          { ...S, count: 1 },
          { id: "T", w: 500, h: 400, price: 6, count: small },
          { id: "O", w: 700, h: 300, price: 0, count: 1 },
        ];
        const instance = job(
          sizes.map(([w, h], i) => part(`p${i}`, w, h)),
          { stock },
        );
        expect(nestFaults(instance, nest(instance, 4))).toEqual([]);
      },
    ),
    { numRuns: 25 },
  );
});

it.each(EDGES.map((e) => [e.name, e] as const))("answers rightly: %s", (_, { instance, cost, unplaced }) => {
  const solution = nest(instance, 4);
  expect(nestFaults(instance, solution)).toEqual([]);
  expect(worthOf(instance, solution)).toMatchObject({ cost, unplaced });
});

describe("against instances whose best is known by construction", () => {
  const [spare8, spare3, spare0] = caseClasses(6, 5);

  it.each([spare8!, spare3!, spare0!])("is valid and never under its bound: $name", ({ cases }) => {
    for (const { instance, optimum } of cases) {
      const solution = nest(instance, 3);
      expect(nestFaults(instance, solution)).toEqual([]);
      expect(solution.bound.cost).toBeLessThanOrEqual(optimum! + 1e-9);
      const cost = 62 * solution.sheets.length;
      expect(cost).toBeGreaterThanOrEqual(optimum! - 1e-9);
    }
  });

  it("finds the best where 8 % is to spare", () => {
    for (const { instance, optimum } of spare8!.cases.slice(0, 4)) {
      const running = search(instance);
      while (running.state().cost > optimum! && running.state().rounds < 30) running.round();
      expect(running.state().cost).toBe(optimum);
      expect(nestFaults(instance, running.best())).toEqual([]);
    }
  });
});

describe("against general packers", () => {
  // They lay parts as no saw can cut them, and still never do with less.
  it("is never dearer than any of them", () => {
    const [, , , rotation, fixed, shop] = caseClasses(3, 9);
    for (const { instance } of [...rotation!.cases, ...fixed!.cases, ...shop!.cases]) {
      const solution = nest(instance, 4);
      const cost = solution.sheets.reduce((sum, s) => sum + instance.stock.find((t) => t.id === s.stock)!.price, 0);
      expect(nestFaults(instance, solution)).toEqual([]);
      for (const [packer, pack] of Object.entries(OPPONENTS))
        expect(cost, `${instance.id}, ${packer}`).toBeLessThanOrEqual(pack(instance) + 1e-9);
    }
  });
});

describe("the largest offcut", () => {
  it("grows at the same cost with more rounds, and is one whole piece of a sheet", () => {
    const instance = job([part("a", 700, 500, 2), part("b", 450, 300, 4), part("c", 900, 120, 3)]);
    const size = (rounds: number) => {
      const { sheets, ...rest } = nest(instance, rounds);
      expect(nestFaults(instance, { sheets, ...rest })).toEqual([]);
      expect(sheets).toHaveLength(1);
      return Math.max(...sheets[0]!.offcuts.map((o) => o.w * o.h));
    };
    const [soon, late] = [size(0), size(15)];
    expect(late).toBeGreaterThanOrEqual(soon);
    // 1.56 m² of parts on 2.94 m² of sheet: most of what is left over stays in one piece.
    expect(late).toBeGreaterThan(0.85e6);
  });
});

describe("a job too large for patterns", () => {
  it("goes on round by round with two sizes of sheets, and comes back", () => {
    const parts = Array.from({ length: 60 }, (_, i) => part(`P${i}`, 260 + ((i * 37) % 610), 90 + ((i * 53) % 330)));
    const running = search(job(parts, { stock: [L, S] }));
    let rounds = 0;
    while (rounds < 5 && running.round()) rounds++;
    expect(rounds).toBe(5);
    const { cost, bound } = running.state();
    expect(cost).toBeGreaterThanOrEqual(bound);
    expect(Number.isFinite(bound)).toBe(true);
  });
});
