import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type FlowOpening, screenLoss, stackFlow } from "../climate/flow";
import { statedMm } from "../design/measure";
import { meshPorosity } from "../escape/airPath";
import { fieldSize, holeCentres, openFraction } from "../features/holes/pattern";
import type { Holes } from "../features/holes/schema";

const field = (pattern: Holes["pattern"], columns: number, rows: number, dia = 12, pitch = 24) => ({
  pattern,
  columns,
  rows,
  holeDia: statedMm(dia),
  pitch: statedMm(pitch),
});

describe("hole patterns", () => {
  it("lays as many holes as columns × rows, about the middle", () => {
    for (const pattern of ["square", "staggered"] as const) {
      const centres = holeCentres(field(pattern, 7, 4));
      expect(centres).toHaveLength(28);
      expect(centres.reduce((s, c) => s + c.uMm, 0)).toBeCloseTo(0, 9);
      expect(centres.reduce((s, c) => s + c.vMm, 0)).toBeCloseTo(0, 9);
    }
  });

  it("keeps every pair of neighbours a pitch apart or more, staggered ones exactly", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("square" as const, "staggered" as const),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 5, max: 60 }),
        (pattern, columns, rows, pitch) => {
          const centres = holeCentres(field(pattern, columns, rows, 3, pitch));
          for (const [i, a] of centres.entries())
            for (const b of centres.slice(i + 1))
              expect(Math.hypot(a.uMm - b.uMm, a.vMm - b.vMm)).toBeGreaterThan(pitch - 1e-6);
        },
      ),
    );
    const [first, , , fourth] = holeCentres(field("staggered", 3, 2));
    expect(Math.hypot(first!.uMm - fourth!.uMm, first!.vMm - fourth!.vMm)).toBeCloseTo(24, 9);
  });

  it("is as large as its outermost holes", () => {
    const staggered = field("staggered", 5, 3);
    const centres = holeCentres(staggered);
    const size = fieldSize(staggered);
    expect(Math.max(...centres.map((c) => c.uMm)) - Math.min(...centres.map((c) => c.uMm)) + 12).toBeCloseTo(
      size.widthMm,
      9,
    );
    expect(Math.max(...centres.map((c) => c.vMm)) - Math.min(...centres.map((c) => c.vMm)) + 12).toBeCloseTo(
      size.heightMm,
      9,
    );
    expect(fieldSize(field("square", 1, 1))).toEqual({ widthMm: 12, heightMm: 12 });
  });

  it("has the open fractions of perforated plate: 0.785·d²/p² square, 0.907·d²/p² staggered", () => {
    expect(openFraction("square", 10, 20)).toBeCloseTo(0.785 / 4, 3);
    expect(openFraction("staggered", 10, 20)).toBeCloseTo(0.907 / 4, 3);
    // A large field comes to the same by counting holes.
    const many = field("square", 200, 200, 6, 12);
    const counted = (holeCentres(many).length * Math.PI * 9) / (200 * 12) ** 2;
    expect(counted).toBeCloseTo(openFraction("square", 6, 12), 9);
  });
});

describe("screens and stack flow", () => {
  it("takes porosity from both directions: window screen is about two thirds open", () => {
    // 1.13/1.41 × 1.31/1.59 by hand.
    expect(meshPorosity([1.13, 1.31], 0.28)).toBeCloseTo(0.8014 * 0.8239, 3);
  });

  it("is nearer 17 than 0.7 at the 0.05 m/s of a warm box (Idelchik, diagram 8-6, worked by hand)", () => {
    const porosity = meshPorosity([1.13, 1.31], 0.28);
    expect(screenLoss(porosity, 0.28, 0.05 / porosity)).toBeGreaterThan(14);
    expect(screenLoss(porosity, 0.28, 0.05 / porosity)).toBeLessThan(19);
    expect(screenLoss(porosity, 0.28, 100)).toBeCloseTo(0.72, 1);
  });

  const plain = (grossM2: number): FlowOpening => ({ grossM2, screens: [] });
  it("agrees with the old inch-pound rule for stack effect, Q = 9.4·A·√(h·Δt) (ASHRAE Handbook—Fundamentals 1985, ch. 22; from memory)", () => {
    // cfm of equal openings in ft², ft and °F, with an effectiveness of 65 %; here a sharp edge lets 61 % through.
    for (const [ft2, ft, degF] of [
      [1, 4, 9],
      [0.2, 1.5, 5],
      [3, 10, 20],
    ] as const) {
      const rule = 9.4 * ft2 * Math.sqrt(ft * degF) * (0.61 / 0.65);
      const m3PerS = stackFlow([plain(ft2 * 0.09290304)], [plain(ft2 * 0.09290304)], ft * 0.3048, degF / 1.8, 298);
      expect((m3PerS * 60) / 0.0283168466 / rule).toBeCloseTo(1, 1);
      expect(Math.abs((m3PerS * 60) / 0.0283168466 / rule - 1)).toBeLessThan(0.03);
    }
  });
  it("gains by unequal openings what ASHRAE's figure shows: 27 % at twice, 34 % at three times, 38 % at five (from memory)", () => {
    const gain = (ratio: number) =>
      stackFlow([plain(0.01)], [plain(0.01 * ratio)], 0.5, 5, 293) /
        stackFlow([plain(0.01)], [plain(0.01)], 0.5, 5, 293) -
      1;
    for (const [ratio, figure] of [
      [2, 0.27],
      [3, 0.34],
      [5, 0.38],
    ] as const)
      expect(Math.abs(gain(ratio) - figure)).toBeLessThan(0.01);
  });
  it("does not flow without height, warmth, or one of its levels", () => {
    expect(stackFlow([], [plain(0.01)], 0.5, 5, 293)).toBe(0);
    expect(stackFlow([plain(0.01)], [plain(0.01)], 0, 5, 293)).toBe(0);
    expect(stackFlow([plain(0.01)], [plain(0.01)], 0.5, 0, 293)).toBe(0);
  });
  it("flows less through a screen, more through more area, and is never NaN", () => {
    const mesh = { porosity: 0.66, wireMm: 0.28 };
    fc.assert(
      fc.property(
        fc.double({ min: 1e-5, max: 0.5, noNaN: true }),
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (area, height, warmer) => {
          const open = stackFlow([plain(area)], [plain(area)], height, warmer, 293);
          const screened = stackFlow([{ grossM2: area, screens: [mesh] }], [plain(area)], height, warmer, 293);
          const doubled = stackFlow([{ grossM2: 2 * area, screens: [mesh] }], [plain(2 * area)], height, warmer, 293);
          expect(screened).toBeLessThan(open);
          expect(doubled).toBeGreaterThan(screened);
          expect(Number.isFinite(doubled)).toBe(true);
        },
      ),
    );
  });
});
