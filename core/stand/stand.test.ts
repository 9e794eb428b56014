import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bareTank, planned, snagOf } from "../../tests/bareTank";
import { statedMm } from "../design/measure";
import { applyFix } from "../snags/fix";
import { bend } from "./beam";
import { bentUnder, bracketsAt, leastSag, placesMm, type Shelf } from "./order";
import type { Stand } from "./schema";

describe("a board over its supports", () => {
  const EI = 1e9;
  it("bends as the textbook beam: 5·w·L⁴/(384·E·I) on two, and each bears half (Timoshenko)", () => {
    const bent = bend(1000, [0, 1000], EI, [{ fromMm: 0, toMm: 1000, nPerMm: 0.1 }]);
    expect(bent.sagMm).toBeCloseTo((5 * 0.1 * 1000 ** 4) / (384 * EI), 6);
    expect(bent.atMm).toBeCloseTo(500, 6);
    expect(bent.reactionsN).toEqual([expect.closeTo(50, 6), expect.closeTo(50, 6)]);
  });
  it("over three supports bears 3/8, 10/8 and 3/8 of a span's load", () => {
    const { reactionsN } = bend(2000, [0, 1000, 2000], EI, [{ fromMm: 0, toMm: 2000, nPerMm: 0.1 }]);
    expect(reactionsN).toEqual([37.5, 125, 37.5].map((n) => expect.closeTo(n, 6)));
  });
  it("with a free end goes down by w·a⁴/8EI and what the slope at its support adds", () => {
    // Span L, overhang a with load w on it alone: w·a³·(4L + 3a)/(24·E·I) at the tip.
    const [L, a, w] = [600, 200, 0.2];
    const { sagMm, atMm } = bend(800, [0, 600], EI, [{ fromMm: 600, toMm: 800, nPerMm: w }]);
    expect(atMm).toBeCloseTo(800, 6);
    expect(sagMm).toBeCloseTo((w * a ** 3 * (4 * L + 3 * a)) / (24 * EI), 6);
  });
  it("bears all that lies on it, whatever the loads", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ at: fc.integer({ min: 0, max: 900 }), q: fc.double({ min: 0.01, max: 2, noNaN: true }) }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.integer({ min: 2, max: 5 }),
        (list, n) => {
          const loads = list.map(({ at, q }) => ({ fromMm: at, toMm: at + 100, nPerMm: q }));
          const { reactionsN } = bend(1000, bracketsAt(1000, n, 80), EI, loads);
          expect(reactionsN.reduce((a, b) => a + b, 0)).toBeCloseTo(100 * list.reduce((s, l) => s + l.q, 0), 6);
        },
      ),
      { numRuns: 60 },
    );
  });
});

const SHELF: Shelf = {
  ...{ lengthMm: 1200, depthMm: 300, thicknessMm: 18, elasticMPa: 10_000, creep: 2 },
  bracketsMm: bracketsAt(1200, 3, 100),
};

describe("boxes side by side", () => {
  it("share out the room that is left", () => {
    expect(
      placesMm(
        1200,
        [300, 500].map((widthMm) => ({ name: "", widthMm, kg: 1 })),
      ),
    ).toEqual([expect.closeTo(400 / 3, 6), expect.closeTo(800 / 3 + 300, 6)]);
  });
  it("stand with the heavy one over a bracket", () => {
    const row = [
      { name: "light", widthMm: 300, kg: 2 },
      { name: "heavy", widthMm: 300, kg: 30 },
      { name: "light too", widthMm: 300, kg: 2 },
    ];
    // Three brackets at 100, 600 and 1100: the middle is over one, and between 175 and 425 is not.
    const { order, fromMm } = leastSag(SHELF, row);
    const heavy = order.indexOf(1);
    // Its middle is within a hand of a bracket.
    const middle = fromMm[heavy]! + 150;
    expect(Math.min(...SHELF.bracketsMm.map((b) => Math.abs(b - middle)))).toBeLessThan(100);
    const wrong = [row[1]!, row[0]!, row[2]!];
    expect(bentUnder(SHELF, wrong).sagMm).toBeGreaterThan(bentUnder(SHELF, row).sagMm);
  });
  it("never bend it more in the order that is told than in any other", () => {
    const any = fc.record({
      name: fc.constant("x"),
      widthMm: fc.integer({ min: 100, max: 250 }),
      kg: fc.integer({ min: 1, max: 40 }),
    });
    fc.assert(
      fc.property(fc.array(any, { minLength: 2, maxLength: 4 }), fc.nat(23), (row, n) => {
        const { order, fromMm } = leastSag(SHELF, row);
        const best = bentUnder(
          SHELF,
          order.map((i) => row[i]!),
          fromMm,
        ).sagMm;
        const shuffled = [...row].sort((a, b) => ((a.kg * 7 + n) % 5) - ((b.kg * 7 + n) % 5));
        expect(best).toBeLessThanOrEqual(bentUnder(SHELF, shuffled).sagMm + 1e-9);
      }),
      { numRuns: 25 },
    );
  });
});

describe("a shell on a shelf with another", () => {
  const stand = (own: Partial<Stand> = {}): Stand => ({
    ...{ length: statedMm(1500), depth: statedMm(450), thickness: statedMm(27), board: "timber" },
    brackets: { count: 3, fromEnd: statedMm(80), carries: statedMm(60) },
    others: [{ id: "box-2", name: "Nymphs", width: statedMm(300), kg: statedMm(4) }],
    place: 0,
    ...own,
  });
  const tank = (own?: Partial<Stand>) =>
    bareTank((v) => {
      v.shell.groundDepth = statedMm(80);
      v.stand = stand(own);
    });
  it("goes where the shelf bends least when it is pressed, by its filled mass", () => {
    // Two of them, spread out evenly over three brackets: the heavy one goes to the bracket.
    const row = {
      others: [{ id: "moss", name: "Moss", width: statedMm(300), kg: statedMm(2) }],
      thickness: statedMm(10),
    };
    const wrong = tank({ ...row, place: 0 });
    const told = snagOf(wrong, "stand/order")!;
    expect(told.sentence).toMatch(/with (Moss|this shell) \(\d+ kg\) at \d+ mm, (Moss|this shell) \(\d+ kg\) at/);
    const stood = applyFix(wrong, told.fix!.patch);
    expect(snagOf(stood, "stand/order")).toBeUndefined();
    const sag = (b: typeof wrong) => planned(b).figures.find((f) => f.id === "stand/sag")!.value;
    expect(sag(stood)).toBeLessThan(sag(wrong));
    // One over the other is told, and spread out again by its fix.
    const over = tank({ ...row, at: statedMm(0), others: [{ ...row.others[0]!, at: statedMm(100) }] });
    expect(snagOf(over, "stand/too-short")).toMatchObject({ severity: "stop" });
    expect(snagOf(applyFix(over, snagOf(over, "stand/too-short")!.fix!.patch), "stand/too-short")).toBeUndefined();
    const p = planned(tank());
    const kg = p.figures.find((f) => f.id === "stand/sag")!.inputs.find((i) => i.name === "this shell, filled")!.value;
    expect(kg).toBeCloseTo(p.tally.massWetKg, 6);
    const borne = p.figures.find((f) => f.id === "stand/bracket")!.inputs.reduce((s, i) => s + i.value, 0);
    expect(borne).toBeCloseTo(kg + 4, 6);
  });
  it("is told of a bracket that bears too much, and of a shelf that is too short", () => {
    expect(
      snagOf(tank({ brackets: { count: 2, fromEnd: statedMm(80), carries: statedMm(5) } }), "stand/bracket-overloaded"),
    ).toMatchObject({ severity: "stop" });
    expect(snagOf(tank(), "stand/bracket-overloaded")).toBeUndefined();
    expect(
      snagOf(
        tank({ length: statedMm(400), brackets: { count: 2, fromEnd: statedMm(50), carries: null } }),
        "stand/too-short",
      ),
    ).toMatchObject({ severity: "stop" });
    expect(snagOf(tank({ thickness: statedMm(8) }), "stand/sags")).toMatchObject({ severity: "mind" });
  });
});
