import { describe, expect, it } from "vitest";
import { woodMoisturePercent } from "./moisture";
import { woodScrewsHoldN } from "./screws";

describe("wood's moisture in air", () => {
  // Forest Products Laboratory, FPL-GTR-190, table 4-2; the values at 20 °C from memory.
  it.each([
    [30, 6.2],
    [50, 9.3],
    [65, 12],
    [80, 16],
    [90, 20.5],
  ])("at %d %% and 20 °C is %d %%", (rh, percent) => {
    expect(Math.abs(woodMoisturePercent(rh, 20) - percent)).toBeLessThan(0.3);
  });

  it("rises with damp and falls with warmth, and never leaves what wood can hold", () => {
    for (let rh = 0; rh < 100; rh += 5) {
      expect(woodMoisturePercent(rh + 5, 20)).toBeGreaterThan(woodMoisturePercent(rh, 20));
      if (rh > 0) expect(woodMoisturePercent(rh, 40)).toBeLessThan(woodMoisturePercent(rh, 10));
    }
    expect(woodMoisturePercent(0, 20)).toBe(0);
    expect(woodMoisturePercent(100, 20)).toBeLessThan(32);
    expect(woodMoisturePercent(140, 20)).toBe(woodMoisturePercent(100, 20));
  });
});

describe("screws in wood", () => {
  const across = { count: 1, diameterMm: 4, threadedMm: 24, densityKgPerM3: 350, angleDeg: 90 };

  it("hold by EN 1995-1-1, 8.7.2: 0.52·d^−0.5·l^−0.1·ρ^0.8·d·l·k_d, by hand", () => {
    const strength = 0.52 * 0.5 * 24 ** -0.1 * 350 ** 0.8;
    expect(woodScrewsHoldN(across)).toBeCloseTo(strength * 4 * 24 * 0.5, 9);
    expect(woodScrewsHoldN(across)).toBeCloseTo(985, 0);
    // A group holds n^0.9, and from 8 mm on nothing is taken off for a thin screw.
    expect(woodScrewsHoldN({ ...across, count: 3 })).toBeCloseTo(985 * 3 ** 0.9, -1);
    expect(woodScrewsHoldN({ ...across, diameterMm: 8, threadedMm: 60 })).toBeCloseTo(
      0.52 * 8 ** -0.5 * 60 ** -0.1 * 350 ** 0.8 * 480,
      6,
    );
  });

  it("hold less along the grain, and nothing in end grain or with too little thread", () => {
    expect(woodScrewsHoldN({ ...across, angleDeg: 45 })).toBeCloseTo(woodScrewsHoldN(across) / 1.1, 9);
    expect(woodScrewsHoldN({ ...across, angleDeg: 0 })).toBe(0);
    expect(woodScrewsHoldN({ ...across, threadedMm: 23 })).toBe(0);
  });
});
