import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ClimateOpening } from "../climate/format";
import { flowAgainst } from "./fans";

const slot = (mm2: number): ClimateOpening => ({
  ...{ id: "slot", face: "left", orientation: "vertical", count: 1, centreHeightMm: 100 },
  ...{ widthMm: mm2 / 10, heightMm: 10 },
});

describe("a fan against its openings", () => {
  it("moves where p₀(1 − Q/Q₀) meets ρ/2·(Q/Cd·A)², solved by hand for a bare slot", () => {
    // 20 cm², Cd 0.61, ρ 1.196: ρ/2/(Cd·A)² = k; 20(1 − Q/Q₀) = k·Q².
    const [q0, p0, cdA] = [10 / 3600, 20, 0.61 * 0.002];
    const k = 1.196 / 2 / cdA ** 2;
    const b = p0 / q0;
    const byHand = (3600 * (-b + Math.sqrt(b * b + 4 * k * p0))) / (2 * k);
    expect(flowAgainst([slot(2000)], 10, 20) / byHand).toBeCloseTo(1, 2);
  });
  it("moves nothing where nothing is open, and its free flow where nobody knows its pressure", () => {
    expect(flowAgainst([], 10, 20)).toBe(0);
    expect(flowAgainst([slot(200)], 10, null)).toBe(10);
  });
  it("moves more through more, and never more than its free flow", () => {
    const size = fc.integer({ min: 50, max: 20_000 });
    fc.assert(
      fc.property(size, size, (a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)].map((mm2) => flowAgainst([slot(mm2)], 15, 12));
        expect(less).toBeLessThanOrEqual(more! + 1e-9);
        expect(more).toBeLessThanOrEqual(15);
        expect(less).toBeGreaterThan(0);
      }),
    );
  });
});
