import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxGoesThrough, goesThrough, type Sides } from "./rectangle";

/** Tried at every hundredth of a degree: the extents of the turned piece against the hole. */
function goesAtSomeAngle([p, q]: Sides, [wide, high]: Sides): boolean {
  for (let i = 0; i <= 9000; i++) {
    const a = (i * Math.PI) / 18000;
    const [sin, cos] = [Math.sin(a), Math.cos(a)];
    if (p * cos + q * sin <= wide && p * sin + q * cos <= high) return true;
  }
  return false;
}

describe("a rectangle through a rectangle", () => {
  it("goes upright, or tilted where it is longer than the hole (Carver 1957, by hand)", () => {
    expect(goesThrough([300, 200], [200, 300])).toBe(true);
    expect(goesThrough([301, 301], [300, 400])).toBe(false);
    // No thickness: as long as the diagonal, 500.
    expect(goesThrough([500, 0], [400, 300])).toBe(true);
    expect(goesThrough([501, 0], [400, 300])).toBe(false);
    // p 450, q 20, P 400: (2·450·20·400 + (450² − 20²)·√(450² + 20² − 400²)) / (450² + 20²) = 241.79.
    expect(goesThrough([450, 20], [400, 241.8])).toBe(true);
    expect(goesThrough([450, 20], [400, 241.7])).toBe(false);
  });

  it("agrees with every angle tried", () => {
    const side = fc.integer({ min: 1, max: 300 });
    fc.assert(
      fc.property(side, side, side, side, (p, q, wide, high) => {
        const tried = goesAtSomeAngle([p, q], [wide, high]);
        // What is told to go goes at some angle, give or take a tenth of a millimetre of what was tried.
        if (goesThrough([p, q], [wide, high])) expect(goesAtSomeAngle([p, q], [wide + 0.1, high + 0.1])).toBe(true);
        if (tried) expect(goesThrough([p, q], [wide + 0.1, high + 0.1])).toBe(true);
      }),
      { numRuns: 200 },
    );
  });

  it("a box goes with its smallest section first", () => {
    expect(boxGoesThrough([900, 30, 440], [300, 440])).toBe(true);
    expect(boxGoesThrough([900, 320, 460], [300, 440])).toBe(false);
  });
});
