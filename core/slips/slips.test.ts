import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import { plan } from "../plan";
import { applyFix } from "../snags/fix";
import { facesLeftFor, slipJob } from "./job";
import { countFor, jointFor, layOut, type SlipJob } from "./layout";
import type { Slips } from "./schema";

const job = (more: Partial<SlipJob> = {}): SlipJob => ({
  ...{ faceWidthMm: 600, faceHeightMm: 450, widthMm: 65, heightMm: 20, jointMm: 8, edgeMm: 0 },
  ...{ bond: "stack", breakage: 0, onHand: null },
  ...more,
});

describe("equal joints", () => {
  it.each([
    // By hand: (600 − 8 × 65) ÷ 7 = 11.43; (600 − 9 × 65) ÷ 8 = 1.875.
    [600, 65, 8, 80 / 7],
    [600, 65, 9, 15 / 8],
    [600, 65, 1, 0],
  ])("%d mm with pieces of %d, %d of them: %d", (room, piece, n, joint) =>
    expect(jointFor(room, piece, n)).toBeCloseTo(joint, 9),
  );
  it("are not to be had where the pieces do not fit", () => expect(jointFor(600, 65, 10)).toBeUndefined());
  it("give the count nearest the joint wanted", () => {
    expect(countFor(600, 65, 8)).toBe(8);
    expect(countFor(600, 65, 3)).toBe(9);
    expect(countFor(60, 65, 8)).toBe(0);
  });
});

describe("a face", () => {
  it("in stack bond has rows and columns, and counts breakage", () => {
    const layout = layOut(job({ breakage: 0.1 }))!;
    expect([layout.columns, layout.rows]).toEqual([8, 16]);
    expect([layout.whole, layout.halves, layout.takes, layout.needed]).toEqual([128, 0, 128, 141]);
  });
  it("in running bond counts the halves, two of one piece", () => {
    const layout = layOut(job({ bond: "running" }))!;
    expect([layout.whole, layout.halves, layout.takes]).toEqual([8 * 8 + 8 * 7, 16, 128]);
    const half = layout.pieces.find((p) => p.half)!;
    expect(half.widthMm).toBeCloseTo((65 - 80 / 7) / 2, 9);
  });
  it("with too few on hand widens the joints, evenly, and says what is over", () => {
    const layout = layOut(job({ onHand: 100, breakage: 0.05 }))!;
    expect(layout.needed).toBeLessThanOrEqual(100);
    expect(layout.left).toBe(100 - layout.needed);
    expect(Math.max(layout.jointAcrossMm, layout.jointUpMm)).toBeGreaterThan(8);
    expect(layOut(job({ onHand: 4 }))).toBeUndefined();
  });
  it("never lays pieces over one another or past the face, and fills it from edge to edge", () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.record({ faceWidthMm: mm(100, 900), faceHeightMm: mm(80, 700), widthMm: mm(15, 260), heightMm: mm(10, 90) }),
        mm(1, 15),
        mm(0, 20),
        fc.constantFrom("stack" as const, "running" as const),
        (sizes, jointMm, edgeMm, bond) => {
          const asked = job({ ...sizes, jointMm, edgeMm, bond });
          const layout = layOut(asked);
          if (!layout) return;
          for (const row of new Set(layout.pieces.map((p) => p.vMm))) {
            const line = layout.pieces.filter((p) => p.vMm === row).sort((a, b) => a.uMm - b.uMm);
            line.slice(1).forEach((p, i) => {
              expect(p.uMm - line[i]!.uMm - line[i]!.widthMm).toBeCloseTo(layout.jointAcrossMm, 6);
            });
            const end = line.at(-1)!;
            if (layout.columns > 1) expect(end.uMm + end.widthMm).toBeCloseTo(sizes.faceWidthMm - edgeMm, 6);
            expect(row + sizes.heightMm).toBeLessThanOrEqual(sizes.faceHeightMm - edgeMm + 1e-6);
          }
          expect(layout.takes).toBe(layout.columns * layout.rows);
        },
      ),
    );
  });
});

describe("slips of a design", () => {
  const slips = (onHand: number | null): Slips => ({
    ...{ id: "slips-1", name: "Slips", face: "back", bond: "running" },
    ...{ width: statedMm(65), height: statedMm(20), joint: statedMm(8), edge: statedMm(10), foot: statedMm(60) },
    ...{ breakagePercent: statedMm(5), onHand: onHand === null ? null : statedMm(onHand) },
    ...{ packOf: null, packPrice: null },
  });
  const input = (onHand: number | null) => {
    const start = jobInput();
    const design = structuredClone(start.design);
    design.variants[0]!.slips.push(slips(onHand));
    return { ...start, design };
  };
  const figure = (of: ReturnType<typeof plan>, id: string) => of.figures.find((f) => f.id === `slips/slips-1/${id}`)!;

  it("say their joints and how many they take, by the face above their foot", () => {
    const planned = plan(input(null));
    // Back 1500 × 600 less 10 all round and 60 at the foot: 1480 × 520. By hand, (1480 − 20 × 65) ÷ 19 = 9.47 and
    // (1480 − 21 × 65) ÷ 20 = 5.75; (520 − 19 × 20) ÷ 18 = 7.78.
    expect(figure(planned, "joint-across").value).toBeCloseTo(180 / 19, 6);
    expect(figure(planned, "joint-up").value).toBeCloseTo(140 / 18, 6);
    expect(figure(planned, "needed").value).toBe(Math.ceil(20 * 19 * 1.05));
  });
  it("say which other wall what is left over would cover", () => {
    const { faces } = plan(input(null)).shell;
    // A side takes far fewer than the back: 600 of its 1500.
    const side = layOut({ ...slipJob({ ...slips(null), face: "left" }, faces) })!.needed;
    expect(facesLeftFor(slips(null), side - 1, faces)).toEqual([]);
    expect(facesLeftFor(slips(null), side, faces)).toEqual(["left", "right"]);
    expect(facesLeftFor({ ...slips(null), face: "left" }, side, faces)).toEqual(["right"]);
  });
  it("with far too few say how many it takes, and offer to buy them", () => {
    const start = input(6);
    const snag = plan(start).snags.find((s) => s.rule === "cuts/slips-do-not-fit")!;
    expect(snag.sentence).toContain("6 are on hand");
    expect(snag.sentence).toContain("it takes 399");
    const fixed = plan({ ...start, design: applyFix(start.design, snag.fix!.patch) });
    expect(fixed.snags.some((s) => s.rule === "cuts/slips-do-not-fit")).toBe(false);
  });
  it("are bought in whole packs at the price typed with them, and not where they are on hand", () => {
    const { design, ...rest } = input(null);
    const line = (packOf: number | null, packPrice: number | null) => {
      Object.assign(design.variants[0]!.slips[0]!, {
        packOf: packOf === null ? null : statedMm(packOf),
        packPrice: packPrice === null ? null : statedMm(packPrice),
      });
      const { buying } = plan({ design, ...rest });
      return { buying, line: buying.lines.find((l) => l.id === "buying/slips/slips-1")! };
    };
    const without = plan(input(5000)).buying;
    expect(without.lines.some((l) => l.id.includes("slips"))).toBe(false);
    // 399 with breakage: sixteen packs of 25 at 4.50.
    const bought = line(25, 4.5);
    expect(bought.line.likely).toMatchObject([{ count: 16, pack: { name: "pack of 25" } }]);
    expect(bought.line.likelyMinor).toBe(16 * 450);
    expect(bought.buying.likelyMinor - without.likelyMinor).toBe(16 * 450);
    // Bought one by one, and at a price not known, which is said and not taken for zero.
    const unpriced = line(null, null);
    expect(unpriced.line.likely).toMatchObject([{ count: 399, pack: { name: "piece" } }]);
    expect(unpriced.line.likelyMinor).toBeNull();
    expect(unpriced.buying.unpriced).toBe(without.unpriced + 1);
    expect(unpriced.buying.snags.find((s) => s.rule === "buying/no-price")!.sentence).toContain("Slips, back");
  });
  it("are kept out where no slip could be so", () => {
    const { design, book } = input(null);
    design.variants[0]!.slips[0]!.width = statedMm(0);
    design.variants[0]!.slips[0]!.breakagePercent = statedMm(80);
    expect(checkDesign(design, book).map((p) => p.path)).toEqual([
      "/variants/0/slips/0/width",
      "/variants/0/slips/0/breakagePercent",
    ]);
  });
});
