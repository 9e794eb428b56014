import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDividers } from "../../tests/anyInside";
import { dividerOf } from "../../tests/inside";
import { statedMm } from "../design/measure";
import type { DividerEnd as LineEnd } from "./schema";
import { cutOf, holds, zonesOf } from "./zones";

const FLOOR = { widthMm: 750, depthMm: 370, round: false };
const line = (from: LineEnd, to: LineEnd) => ({ line: { from, to } });
const at = (on: LineEnd["on"], mm: number): LineEnd => ({ on, at: statedMm(mm) });

describe("the floor as dividers part it", () => {
  it("is one while there is none, and two to the middle of one (worked by hand)", () => {
    expect(zonesOf(FLOOR, [])).toMatchObject([{ id: "", m2: 0.2775 }]);
    const mesh = dividerOf({ id: "mesh", name: "Mesh", ...line(at("front", 315), at("back", 315)) });
    expect(zonesOf(FLOOR, [mesh]).map(({ id, words, m2 }) => [id, words, Number(m2.toFixed(6))])).toEqual([
      ["mesh:a", "left of mesh", 0.11655],
      ["mesh:b", "right of mesh", 0.16095],
    ]);
  });
  it("is parted by a corner cut off, and by two dividers in turn", () => {
    const corner = dividerOf({ id: "c", name: "Corner", ...line(at("left", 200), at("front", 100)) });
    // A right triangle of 100 × 200.
    expect(zonesOf(FLOOR, [corner]).map((z) => Number(z.m2.toFixed(6)))).toEqual([0.2775 - 0.01, 0.01]);
    const across = dividerOf({ id: "x", name: "Across", ...line(at("left", 185), at("right", 185)) });
    const down = dividerOf({ id: "y", name: "Down", ...line(at("front", 300), at("back", 300)) });
    const zones = zonesOf(FLOOR, [down, across]);
    expect(zones.map((z) => z.id)).toEqual(["y:a/x:a", "y:a/x:b", "y:b/x:a", "y:b/x:b"]);
    expect(zones.map((z) => z.words)[1]).toBe("left of down, in front of across");
    expect(zones.map((z) => Number(z.m2.toFixed(6)))).toEqual([0.0555, 0.0555, 0.08325, 0.08325]);
  });
  it("is not parted by one that meets one wall, on a round floor, or along an edge", () => {
    const returns = dividerOf(line(at("front", 100), at("front", 300)));
    const edge = dividerOf(line(at("front", 0), at("back", 0)));
    for (const [floor, d] of [
      [FLOOR, returns],
      [FLOOR, edge],
      [{ ...FLOOR, round: true }, dividerOf()],
    ] as const)
      expect(zonesOf(floor, [d])).toHaveLength(1);
  });
  it("sums to the whole, whatever dividers there are; each of its parts holds its own middle and is cut within itself", () => {
    fc.assert(
      fc.property(anyDividers, fc.double({ min: 0, max: 370, noNaN: true }), (dividers, plane) => {
        const zones = zonesOf(FLOOR, dividers);
        expect(zones.reduce((sum, z) => sum + z.m2, 0)).toBeCloseTo(0.2775, 4);
        expect(new Set(zones.map((z) => z.id)).size).toBe(zones.length);
        let cut = 0;
        for (const zone of zones) {
          const middle = [0, 1].map((i) => zone.outline.reduce((s, p) => s + p[i]!, 0) / zone.outline.length);
          expect(holds(zone, middle as [number, number])).toBe(true);
          const span = cutOf(zone, 0, plane);
          if (span) cut += span[1] - span[0];
        }
        expect(cut).toBeCloseTo(750, 3);
      }),
    );
  });
});
