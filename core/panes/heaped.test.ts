import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bareTank, planned, snagOf } from "../../tests/bareTank";
import { statedMm } from "../design/measure";
import type { TankShell } from "../shell/kinds/tank/schema";
import { MATERIAL, type PaneInput, paneUnder, sizePane } from "./pane";
import { solve } from "./solve";

const pane = (own: Partial<PaneInput> = {}): PaneInput => ({
  ...{ waterDepthMm: 150, paneHeightMm: 300, spanMm: 400, edges: "four", material: "acrylic" },
  ...own,
});

describe("a wall under substrate", () => {
  it("bows as a pane under water does, by its share of it: the same series", () => {
    const water = sizePane(pane());
    const { alpha, bowMm } = paneUnder(pane(), water.chosenMm!, 1);
    expect(alpha).toBeCloseTo(water.coefficients.alpha, 4);
    expect(bowMm).toBeCloseTo(water.bowMm!, 3);
    expect(paneUnder(pane(), water.chosenMm!, 0.5).bowMm).toBeCloseTo(bowMm / 2, 9);
  });
  it("bows less the thicker it is, by the third power, and more the deeper it lies", () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 280 }), fc.integer({ min: 2, max: 8 }), (depth, t) => {
        const at = (mm: number, thick: number) => paneUnder(pane({ waterDepthMm: mm }), thick, 0.5).bowMm;
        expect(at(depth, t) / at(depth, 2 * t)).toBeCloseTo(8, 6);
        expect(at(depth + 20, t)).toBeGreaterThan(at(depth, t));
      }),
      { numRuns: 30 },
    );
  });
  it("of acrylic bows as many times more than glass as it is softer after years (E from memory, ν aside)", () => {
    const bow = (material: PaneInput["material"]) => {
      const { alpha, bowMm } = paneUnder(pane({ material }), 5, 0.5);
      return bowMm / alpha;
    };
    expect(bow("acrylic") / bow("floatGlass")).toBeCloseTo(
      MATERIAL.floatGlass.bowElasticPa / MATERIAL.acrylic.bowElasticPa,
      9,
    );
  });
  it("of a glass tank is told its bow, and has nothing to fear of it", () => {
    const tank = bareTank((v) => {
      v.shell.groundDepth = statedMm(150);
    });
    const figures = planned(tank).figures.filter((f) => f.id.endsWith("-heaped"));
    expect(figures.map((f) => f.id)).toContain("panes/back-heaped");
    expect(figures.every((f) => f.value > 0)).toBe(true);
    expect(snagOf(tank, "panes/wall-bows")).toBeUndefined();
    // Of 2 mm, heaped high, it has.
    const thin = bareTank((v) => {
      const { found } = v.shell as TankShell;
      found.glass = statedMm(2);
      found.length = statedMm(1500);
      v.shell.groundDepth = statedMm(400);
    });
    expect(snagOf(thin, "panes/wall-bows")).toMatchObject({ severity: "mind" });
  });
});

describe("a linear system", () => {
  it("is solved to what it was made from, rows exchanged where a pivot is none", () => {
    expect(
      solve([
        [0, 2, 4],
        [3, 0, 9],
      ]),
    ).toEqual([3, 2]);
    fc.assert(
      fc.property(fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 3, maxLength: 3 }), (x) => {
        const left = [
          [4, 1, -1],
          [1, 5, 2],
          [-1, 2, 6],
        ];
        const rows = left.map((row) => [...row, row.reduce((sum, k, i) => sum + k * x[i]!, 0)]);
        for (const [i, value] of solve(rows).entries()) expect(value).toBeCloseTo(x[i]!, 9);
      }),
    );
  });
});
