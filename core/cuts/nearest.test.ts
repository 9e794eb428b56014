import { describe, expect, it } from "vitest";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { plan } from "../plan";
import { applyFix } from "../snags/fix";
import { nearestFit } from "./nearest";
import type { NestInstance } from "./nest/format";

const instance = (stock: [number, number][]): NestInstance => ({
  ...{ format: "panel-nest/1", dim: 2, kerf: 3.2, trim: 5, offcutMinSide: 100, timeLimitMs: 1, seed: 1, parts: [] },
  stock: stock.map(([w, h], i) => ({ id: `S${i}`, w, h, price: 1, count: null })),
});
const part = (w: number, h: number, rotate = true) => ({ id: "P", w, h, qty: 1, rotate });

describe("the nearest that would fit", () => {
  it("is the part made shorter, or turned once its grain is free", () => {
    const one = instance([[2440, 1220]]);
    expect(nearestFit(part(3000, 600), one)).toEqual({ w: 2430, h: 600, turned: false });
    expect(nearestFit(part(600, 1500), one)).toEqual({ w: 600, h: 1500, turned: false });
    expect(nearestFit(part(600, 1500, false), one)).toEqual({ w: 600, h: 1500, turned: true });
  });
  it("loses as little as may be, on whichever stock, and is nothing without stock", () => {
    const two = instance([
      [1220, 610],
      [2000, 400],
    ]);
    // 1210 × 600 is 0.726 m², 1500 × 390 is 0.585 m².
    expect(nearestFit(part(1500, 600), two)).toEqual({ w: 1210, h: 600, turned: false });
    expect(nearestFit(part(100, 100), instance([]))).toBeUndefined();
  });
});

describe("an odd part that no sheet gives", () => {
  const withOdd = (length: number, width: number, grainLocked: boolean) => {
    const input = jobInput();
    const design = structuredClone(input.design);
    design.variants[0]!.oddParts.push({
      ...{ id: "odd-1", label: "Board", material: "pvc-foam-10", qty: 1, grainLocked },
      ...{ length: statedMm(length), width: statedMm(width) },
    });
    return { ...input, design };
  };
  it("is named with what would fit", () => {
    const snag = plan(withOdd(3000, 700, false)).snags.find((s) => s.subject === "odd/odd-1")!;
    expect(snag.sentence).toContain("The nearest that would fit is 2430 mm × 700 mm");
    expect(snag.fix).toBeUndefined();
  });
  it("locked the wrong way says so, and offers to be turned", () => {
    const input = withOdd(600, 2000, true);
    const snag = plan(input).snags.find((s) => s.subject === "odd/odd-1")!;
    expect(snag.sentence).toContain("Turned through a right angle it would fit");
    const fixed = plan({ ...input, design: applyFix(input.design, snag.fix!.patch) });
    expect(fixed.snags.some((s) => s.subject === "odd/odd-1")).toBe(false);
    expect(fixed.parts.find((p) => p.id === "odd/odd-1")).toMatchObject({ lengthMm: 600, widthMm: 2000 });
  });
});
