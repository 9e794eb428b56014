import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { LengthDisplay } from "./format";
import { parseLength } from "./length";
import { formatWithin } from "./within";

const DISPLAYS: LengthDisplay[] = [{ unit: "mm" }, { unit: "in", denominator: 16 }, { unit: "in", denominator: 32 }];

describe("a length and its limit", () => {
  it("take a digit more where one would contradict", () => {
    expect(formatWithin(3.34, 3.38, { unit: "mm" })).toEqual(["3.34 mm", "3.38 mm"]);
    expect(formatWithin(3.341, 3.349, { unit: "mm" })).toEqual(["3.341 mm", "3.349 mm"]);
    expect(formatWithin(3.34, 3.38, { unit: "in", denominator: 16 })).toEqual(['0.132"', '0.133"']);
  });
  it("keep their usual digits where they tell", () => {
    expect(formatWithin(3.2, 3.38, { unit: "mm" })).toEqual(["3.2 mm", "3.3 mm"]);
    expect(formatWithin(3.38, 3.34, { unit: "mm" })).toEqual(["3.4 mm", "3.3 mm"]);
    expect(formatWithin(3.4, 3.4, { unit: "mm" })).toEqual(["3.4 mm", "3.4 mm"]);
    expect(formatWithin(3, 7, { unit: "in", denominator: 16 })).toEqual(['1/8"', '1/4"']);
  });
  it("never read against the verdict, in any unit", () => {
    const near = fc
      .tuple(fc.double({ min: 0.2, max: 60, noNaN: true }), fc.double({ min: -0.2, max: 0.2, noNaN: true }))
      .map(([mm, by]) => [mm, mm + by] as const);
    fc.assert(
      fc.property(near, fc.constantFrom(...DISPLAYS), ([length, limit], display) => {
        const [shown, allowed] = formatWithin(length, limit, display).map((text) => {
          const read = parseLength(text);
          return read.ok ? read.value : Number.NaN;
        }) as [number, number];
        // Nearer than a millionth nothing is measured, and nothing shown.
        if (Math.abs(limit - length) > 1e-6) expect(shown <= allowed).toBe(length <= limit);
        expect(shown).toBeGreaterThanOrEqual(length - 1e-6);
        expect(allowed).toBeLessThanOrEqual(limit + 1e-6);
      }),
    );
  });
});
