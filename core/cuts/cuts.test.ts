import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sawToleranceMm } from "../workshop/sawTolerance";
import { fillBars } from "./bars/fillBars";
import { sawSizeMm } from "./sawSize";

describe("ISO 2768-1, class m", () => {
  // Linear sizes, table 1 of ISO 2768-1, medium; from memory.
  it.each([
    [5, 0.1],
    [6, 0.1],
    [20, 0.2],
    [100, 0.3],
    [120, 0.3],
    [400, 0.5],
    [600, 0.8],
    [1520, 1.2],
    [2440, 2],
    [9000, 2],
  ])("%d mm is held to ± %d", (length, tolerance) => expect(sawToleranceMm(length)).toBe(tolerance));
});

it("rounds for the saw to a tenth", () => {
  expect([1520.1875, 600.075, 99.95, 100].map(sawSizeMm)).toEqual([1520.2, 600.1, 100, 100]);
});

describe("bars", () => {
  it("cuts a pair of 1500 from two 2 m bars, and names what is too long", () => {
    expect(fillBars([1500, 1500], 2000, 3.2)).toEqual({ bars: [[1500], [1500]], tooLong: [] });
    expect(fillBars([1000, 996.8], 2000, 3.2).bars).toHaveLength(1);
    expect(fillBars([1000, 996.9], 2000, 3.2).bars).toHaveLength(2);
    expect(fillBars([2400], 2000, 3.2)).toEqual({ bars: [], tooLong: [2400] });
  });
  it("makes do with fewer bars than the first with room would", () => {
    // Longest first, 44 and 44 share a bar and 26 is left over; by hand 44, 30 and 26 fill one to the last unit, twice.
    const { bars } = fillBars([44, 44, 30, 30, 26, 26], 100, 0);
    expect(bars.map((bar) => bar.reduce((a, b) => a + b, 0))).toEqual([100, 100]);
    expect(fillBars([44, 44, 30, 30, 26, 26], 100, 0)).toEqual({ bars, tooLong: [] });
  });
  it("never overfills a bar and loses nothing", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1, max: 2500, noNaN: true }), { maxLength: 20 }), (pieces) => {
        const { bars, tooLong } = fillBars(pieces, 2000, 3.2);
        for (const bar of bars)
          expect(bar.reduce((a, b) => a + b, 0) + (bar.length - 1) * 3.2).toBeLessThanOrEqual(2000 + 1e-6);
        expect([...bars.flat(), ...tooLong].sort()).toEqual([...pieces].sort());
      }),
    );
  });
});
