import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { NestInstance, NestSolution } from "./format";
import { nest } from "./nest";

const EPS = 1e-6;
type Rect = { x: number; y: number; w: number; h: number };

/**
 * An independent judge: knows nothing of the cut tree. A set of rectangles can be cut apart edge to edge when some line
 * across all of them leaves a kerf between its two sides, and each side can be cut apart in turn.
 */
function separable(parts: Rect[], kerf: number): boolean {
  if (parts.length <= 1) return true;
  for (const [start, size] of [
    ["x", "w"],
    ["y", "h"],
  ] as const) {
    for (const edge of parts.map((p) => p[start] + p[size])) {
      const low = parts.filter((p) => p[start] + p[size] <= edge + EPS);
      const high = parts.filter((p) => p[start] >= edge + kerf - EPS);
      if (low.length > 0 && high.length > 0 && low.length + high.length === parts.length)
        return separable(low, kerf) && separable(high, kerf);
    }
  }
  return false;
}

function faults(instance: NestInstance, solution: NestSolution): string[] {
  const found: string[] = [];
  const used = new Map<string, number>();
  const placed = new Map<string, number>();
  for (const sheet of solution.sheets) {
    const stock = instance.stock.find((s) => s.id === sheet.stock);
    if (!stock) return [`no such stock ${sheet.stock}`];
    used.set(stock.id, (used.get(stock.id) ?? 0) + 1);
    const trim = stock.trim ?? instance.trim;
    for (const p of sheet.parts) {
      placed.set(p.partId, (placed.get(p.partId) ?? 0) + 1);
      const part = instance.parts.find((q) => q.id === p.partId)!;
      if (p.rotated && !part.rotate) found.push(`${p.partId} turned against its grain`);
      const [w, h] = p.rotated ? [part.h, part.w] : [part.w, part.h];
      if (Math.abs(p.w - w) > EPS || Math.abs(p.h - h) > EPS) found.push(`${p.partId} has another size`);
      if (p.x < trim - EPS || p.y < trim - EPS || p.x + p.w > stock.w - trim + EPS || p.y + p.h > stock.h - trim + EPS)
        found.push(`${p.partId} outside the trimmed sheet`);
    }
    if (!separable([...sheet.parts, ...sheet.offcuts], instance.kerf))
      found.push(`sheet ${sheet.stock} cannot be sawn edge to edge`);
  }
  for (const stock of instance.stock)
    if (stock.count !== null && (used.get(stock.id) ?? 0) > stock.count) found.push(`too many of ${stock.id}`);
  for (const part of instance.parts) {
    const listed = solution.unplaced.find((u) => u.partId === part.id)?.qty ?? 0;
    if ((placed.get(part.id) ?? 0) + listed !== part.qty) found.push(`${part.id}: parts lost or made up`);
    const still = instance.stock.some((s) => {
      const t = 2 * (s.trim ?? instance.trim);
      const fits = (part.w <= s.w - t && part.h <= s.h - t) || (part.rotate && part.h <= s.w - t && part.w <= s.h - t);
      return fits && (s.count === null || (used.get(s.id) ?? 0) < s.count);
    });
    if (listed > 0 && still) found.push(`${part.id} left out though a sheet is to be had`);
  }
  const cost = solution.sheets.reduce((sum, s) => sum + instance.stock.find((t) => t.id === s.stock)!.price, 0);
  if (solution.unplaced.length === 0 && cost < solution.bound.cost - EPS)
    found.push("cheaper than its own lower bound");
  return found;
}

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
    expect(faults(instance, solution)).toEqual([]);
    expect(solution.sheets).toHaveLength(2);
    // 3.73 m² of parts, 2.94 m² usable a sheet.
    expect(solution.bound).toMatchObject({ sheets: 2, cost: 124 });
  });

  it("needs three when the back is inset, and proves it", () => {
    // 2 × 610 + 3.2 = 1223.2 > 1210: neither two of top and base nor either with the back share a sheet.
    const instance = box(610, [1500, 600]);
    const solution = nest(instance);
    expect(faults(instance, solution)).toEqual([]);
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
    expect(faults(short, nest(short))).toEqual([]);
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
        expect(faults(instance, solution)).toEqual([]);
        expect(nest(instance, 2)).toEqual(solution);
      },
    ),
    { numRuns: 150 },
  );
});
