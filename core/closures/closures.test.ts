import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { starterBook } from "../book/starter";
import { statedMm } from "../design/measure";
import { auditEscape, type Way } from "../escape/escape";
import { findMaterial } from "../materials/find";
import { newSlidingPair } from "./kinds/slidingPair/create";
import { fitSlides, HOLD_MM, LIFT_MM } from "./kinds/slidingPair/fit";

const book = starterBook();
const track4 = findMaterial(book, "track-4", "track")!;
const track6 = findMaterial(book, "track-6", "track")!;

describe("sliding panes", () => {
  const fit = fitSlides({ widthMm: 1500, heightMm: 440 }, track4, 4, newSlidingPair(4));

  it("sizes the job's panes by hand", () => {
    // Clear between the lips: 440 − 6 − 12 − 2 × 2 (webs) = 418.
    expect(fit.clearMm).toBe(418);
    // Holds from 418 + 6 + 3 = 427, lifts in up to 418 + 12 − 2 = 428; the middle is ordered.
    expect([fit.leastPaneMm, fit.mostPaneMm, fit.pane.heightMm]).toEqual([427, 428, 427.5]);
    // 1500 / 2 + 25 / 2 − 2.
    expect(fit.pane.widthMm).toBe(760.5);
  });

  it("knows the gap between the panes", () => {
    // By geometry: pitch − glass nominally; pitch + groove − 2 × glass at worst.
    expect(fit.gapMm).toBe(7 - 4);
    expect(fit.gapMm + 2 * fit.playEachMm).toBe(7 + 5 - 2 * 4);
    const six = fitSlides({ widthMm: 1500, heightMm: 440 }, track6, 6, newSlidingPair(6));
    expect(six.gapMm + 2 * six.playEachMm).toBe(9 + 7 - 2 * 6);
  });

  it("says when panes cannot be lifted in: the top groove must be 5 mm deeper", () => {
    const shallow = { ...track4, topDepthMm: { ...track4.topDepthMm, value: 10 } };
    expect(fitSlides({ widthMm: 800, heightMm: 400 }, shallow, 4, newSlidingPair()).liftsIn).toBe(false);
    const enough = { ...track4, topDepthMm: { ...track4.topDepthMm, value: 11 } };
    expect(fitSlides({ widthMm: 800, heightMm: 400 }, enough, 4, newSlidingPair()).liftsIn).toBe(true);
  });

  it("always holds, lifts and covers when it says it lifts in", () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        mm(200, 3000),
        mm(100, 1500),
        mm(3, 12),
        mm(3, 30),
        mm(10, 60),
        mm(0, 8),
        (widthMm, heightMm, bottom, top, overlap, side) => {
          const track = {
            ...track4,
            bottomDepthMm: { ...track4.bottomDepthMm, value: bottom },
            topDepthMm: { ...track4.topDepthMm, value: top },
          };
          const f = fitSlides({ widthMm, heightMm }, track, 4, {
            overlap: statedMm(overlap),
            sideAllowance: statedMm(side),
          });
          expect(f.liftsIn).toBe(top >= bottom + HOLD_MM + LIFT_MM - 1e-9 ? f.mostPaneMm >= f.leastPaneMm : false);
          if (!f.liftsIn) return;
          expect(f.holdMm).toBeGreaterThanOrEqual(HOLD_MM - 1e-9);
          expect(f.pane.heightMm).toBeLessThanOrEqual(f.clearMm + top - LIFT_MM + 1e-9);
          // Pushed home to their sides, the panes still pass one another.
          expect(2 * f.pane.widthMm - widthMm).toBeCloseTo(overlap - 2 * side, 6);
        },
      ),
    );
  });
});

describe("the escape audit", () => {
  const froglet = { name: "froglet", narrowestRigidMm: 9, factor: 0.33 };

  it("works the published example of the format by hand", () => {
    const { ways, largest } = auditEscape({
      resident: froglet,
      ways: [
        { name: "between the slides", kind: "slot", nominalMm: 2.4, toleranceMm: [0.3, 0.5], growthMm: 0.4 },
        { name: "top mesh", kind: "mesh", apertureMm: [1.13, 1.31] },
        { name: "vent holes", kind: "round", diameterMm: 12, behindMesh: { apertureMm: [1.13, 1.31] } },
      ],
    });
    // 2.4 + 0.3 + 0.5 + 0.4; 2.4 + √(0.09 + 0.25) + 0.4; 0.33 × 9.
    expect(ways[0]).toMatchObject({
      passes: false,
      allowedMm: expect.closeTo(2.97, 9),
      worstMm: expect.closeTo(3.6, 9),
      likelyMm: expect.closeTo(2.8 + Math.sqrt(0.34), 9),
    });
    expect(ways[1]).toMatchObject({ worstMm: 1.31, passes: true });
    expect(ways[2]).toMatchObject({ worstMm: 1.31, passes: true });
    expect(largest).toBe("between the slides");
  });

  it("lets a gap seen refused take the factor's place", () => {
    const way: Way = { name: "gap", kind: "slot", nominalMm: 4 };
    expect(auditEscape({ resident: froglet, ways: [way] }).ways[0]!.passes).toBe(false);
    expect(auditEscape({ resident: { ...froglet, refusedGapMm: 4 }, ways: [way] }).ways[0]!.passes).toBe(true);
  });

  it("passes a gap that is exactly the allowed one, and answers null for no ways", () => {
    expect(
      auditEscape({ resident: { ...froglet, factor: 0.5 }, ways: [{ name: "g", kind: "round", diameterMm: 4.5 }] })
        .ways[0]!.passes,
    ).toBe(true);
    expect(auditEscape({ resident: froglet, ways: [] })).toEqual({ ways: [], largest: null });
  });

  it("never shows digits that contradict the verdict", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.boolean(),
        (nominal, narrowestRigidMm, near) => {
          // Half of them within a tenth of what is allowed, where one digit does not tell.
          const nominalMm = near ? narrowestRigidMm / 2 + (nominal - 15) / 150 : nominal;
          fc.pre(nominalMm > 0);
          const way = auditEscape({
            resident: { name: "a", narrowestRigidMm, factor: 0.5 },
            ways: [{ name: "w", kind: "slot", nominalMm }],
          }).ways[0]!;
          const [worst, allowed] = [...way.why.matchAll(/([\d.]+) mm/g)].map((m) => Number(m[1]));
          if (Math.abs(nominalMm - narrowestRigidMm / 2) > 1e-6) expect(worst! <= allowed!).toBe(way.passes);
        },
      ),
    );
  });

  it("says 3.34 against 3.38 in two digits, in the units asked for", () => {
    const input = {
      resident: { name: "a", narrowestRigidMm: 6.76, factor: 0.5 },
      ways: [{ name: "w", kind: "slot" as const, nominalMm: 3.34 }],
    };
    expect(auditEscape(input).ways[0]!.why).toBe("at worst 3.34 mm, 3.38 mm allowed (0.5 × 6.76 mm)");
    expect(auditEscape(input, { unit: "in", denominator: 32 }).ways[0]!.why).toBe(
      'at worst 0.132", 0.133" allowed (0.5 × 0.266")',
    );
  });

  it("a wider gap or a smaller animal never turns a way out into none", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 2, max: 40, noNaN: true }),
        (nominalMm, more, narrowestRigidMm) => {
          const passes = (gap: number, animal: number) =>
            auditEscape({
              resident: { name: "a", narrowestRigidMm: animal, factor: 0.5 },
              ways: [{ name: "w", kind: "slot", nominalMm: gap }],
            }).ways[0]!.passes;
          if (!passes(nominalMm, narrowestRigidMm))
            expect(passes(nominalMm + more, narrowestRigidMm * 0.9)).toBe(false);
        },
      ),
    );
  });
});
