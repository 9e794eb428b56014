import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type PaneInput, sizePane } from "./pane";
import { fourEdges, topFree } from "./plate";
import { solve } from "./solve";

/**
 * Held on four edges, by finite differences: ∇²M = −q, then ∇²w = −M, exact for simple supports. Over-relaxed.
 * @returns largest deflection as a share of q₀H⁴/D
 */
function differencesFourEdges(a: number, b: number, n = 60): number {
  const h = a / n;
  const rows = Math.round(b / h);
  const grid = () => Array.from({ length: rows + 1 }, () => new Float64Array(n + 1));
  const poisson = (source: Float64Array[]) => {
    const u = grid();
    const relax = 2 / (1 + Math.sin(Math.PI / Math.max(n, rows)));
    for (let sweep = 0; sweep < 1500; sweep++)
      for (let j = 1; j < rows; j++)
        for (let i = 1; i < n; i++)
          u[j]![i]! +=
            relax *
            ((u[j - 1]![i]! + u[j + 1]![i]! + u[j]![i - 1]! + u[j]![i + 1]! + h * h * source[j]![i]!) / 4 - u[j]![i]!);
    return u;
  };
  const load = grid().map((row, j) => row.map(() => Math.max(0, 1 - j * h)));
  const w = poisson(poisson(load));
  return Math.max(...w.map((row) => Math.max(...row)));
}

/**
 * Top edge free, mode by mode: each mode's equation Y'''' − 2k²Y'' + k⁴Y = q by finite differences along y, with points
 * beyond both edges for the edges' own equations.
 */
function differencesTopFree(a: number, nu: number, n = 240): number {
  const h = 1 / n;
  let middle = new Float64Array(n + 1);
  for (let m = 1; m <= 15; m += 2) {
    const k = (m * Math.PI) / a;
    const size = n + 5;
    const rows: number[][] = [];
    const at = (j: number) => j + 2;
    const row = (parts: [number, number][], right: number) => {
      const r = new Array<number>(size + 1).fill(0);
      for (const [j, c] of parts) r[at(j)]! += c;
      r[size] = right;
      rows.push(r);
    };
    const second = (j: number, f: number): [number, number][] => [
      [j - 1, f / h ** 2],
      [j, (-2 * f) / h ** 2],
      [j + 1, f / h ** 2],
    ];
    row([[0, 1]], 0);
    row([...second(0, 1), [0, -nu * k * k]], 0);
    row([...second(n, 1), [n, -nu * k * k]], 0);
    const shear = (2 - nu) * k * k;
    row(
      [
        [n - 2, -1 / (2 * h ** 3)],
        [n - 1, 1 / h ** 3 + shear / (2 * h)],
        [n + 1, -1 / h ** 3 - shear / (2 * h)],
        [n + 2, 1 / (2 * h ** 3)],
      ],
      0,
    );
    for (let j = 0; j <= n; j++)
      row(
        [
          [j - 2, 1 / h ** 4],
          [j - 1, -4 / h ** 4],
          [j, 6 / h ** 4 + k ** 4],
          [j + 1, -4 / h ** 4],
          [j + 2, 1 / h ** 4],
          ...second(j, -2 * k * k),
        ],
        (4 / (m * Math.PI)) * (1 - j * h),
      );
    const y = solve(rows);
    middle = middle.map((w, j) => w + ((m - 1) % 4 === 0 ? 1 : -1) * y[at(j)]!);
  }
  return Math.max(...middle);
}

describe("plates by series", () => {
  // Table 13, from memory: M 0.0264 at 0.6 and 0.0259 at 0.75 of the way down, so a little more between; w 0.00206.
  it("is Timoshenko's square plate under a load growing across it", () => {
    const { moment, deflection } = fourEdges(1, 1, 0.3);
    expect(moment).toBeGreaterThan(0.0264);
    expect(moment).toBeLessThan(0.0272);
    expect(deflection).toBeCloseTo(0.00206, 4);
  });

  it("becomes a beam across the depth when very wide: q₀L²/(9√3), and 0.00652·q₀L⁴/D (any textbook)", () => {
    const { moment, deflection } = fourEdges(12, 1, 0.22);
    expect(moment).toBeCloseTo(1 / (9 * Math.sqrt(3)), 3);
    expect(deflection).toBeCloseTo(0.00652, 4);
  });

  it.each([
    [1, 1],
    [3, 1],
    [2, 1.5],
    [0.75, 1.25],
  ])("held on four edges, %s wide and %s high, it bows as finite differences say", (a, b) => {
    expect(fourEdges(a, b, 0.22).deflection / differencesFourEdges(a, b)).toBeCloseTo(1, 2);
  });

  it.each([0.8, 1.5, 3])("with its top free, %s wide, it bows as finite differences say", (a) => {
    expect(topFree(a, 0.22).deflection / differencesTopFree(a, 0.22)).toBeCloseTo(1, 2);
  });

  it("does not overflow where it is narrow and deep", () => {
    expect(topFree(0.05, 0.22).moment).toBeGreaterThan(0);
    expect(topFree(60, 0.22).moment).toBeLessThan(60);
  });
});

describe("hornwort pane", () => {
  const pane = (more: Partial<PaneInput> = {}): PaneInput => ({
    waterDepthMm: 300,
    paneHeightMm: 300,
    spanMm: 900,
    edges: "four",
    material: "floatGlass",
    safetyFactor: 3.8,
    ...more,
  });

  it("answers the format's own example", () => {
    expect(sizePane(pane())).toMatchObject({
      requiredMm: expect.closeTo(4.4, 1),
      chosenMm: 5,
      stressMPa: expect.closeTo(3.9, 1),
      bowMm: expect.closeTo(0.19, 2),
      safetyFactorAtChosen: expect.closeTo(5, 1),
      coefficients: { beta: expect.closeTo(0.3657, 3), alpha: expect.closeTo(0.07, 3) },
      withinScope: true,
    });
  });

  it("wants thicker glass for deeper water, a wider span, a free top, and thicker acrylic than glass", () => {
    const need = (more: Partial<PaneInput>) => sizePane(pane(more)).requiredMm;
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 700 }), fc.integer({ min: 200, max: 1500 }), (waterDepthMm, spanMm) => {
        const own = { waterDepthMm, paneHeightMm: waterDepthMm, spanMm };
        expect(need({ ...own, waterDepthMm: waterDepthMm - 20 })).toBeLessThan(need(own) + 1e-9);
        expect(need({ ...own, spanMm: spanMm + 50 })).toBeGreaterThanOrEqual(need(own) - 0.01);
        expect(need({ ...own, edges: "topFree" })).toBeGreaterThan(need(own) - 0.01);
      }),
      { numRuns: 25 },
    );
    const { safetyFactor: _, ...bare } = pane();
    expect(sizePane({ ...bare, material: "acrylic" }).requiredMm).toBeGreaterThan(sizePane(bare).requiredMm);
  });

  it("says so when no stock is thick enough, or theory ends", () => {
    const deep = sizePane(pane({ waterDepthMm: 1800, paneHeightMm: 1800, spanMm: 3000, edges: "topFree" }));
    expect(deep).toMatchObject({ chosenMm: null, withinScope: false, why: expect.stringMatching(/thickest stock/) });
  });
});
