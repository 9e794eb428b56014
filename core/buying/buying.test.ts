import fc from "fast-check";
import jstat from "jstat";
import { describe, expect, it } from "vitest";
import { haberdasher } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { cheapestPacks } from "../materials/packs";
import { plan } from "../plan";
import { normalCdf } from "../units/normal";
import { oddsEnough, safeNeed } from "./spread";

const pack = (id: string, content: number, priceMinor: number | null) => ({ id, name: id, content, priceMinor });

describe("whole packs", () => {
  it("takes the cheapest mix", () => {
    const packs = [pack("tube", 310, 740), pack("carton", 1240, 2600)];
    const words = (amount: number) =>
      cheapestPacks(packs, amount)
        .map(({ pack: p, count }) => `${count} ${p.id}`)
        .join(" + ");
    expect(words(300)).toBe("1 tube");
    expect(words(900)).toBe("3 tube");
    // Four tubes cost 29.60; the carton 26.00.
    expect(words(1100)).toBe("1 carton");
    expect(words(1500)).toBe("1 carton + 1 tube");
    expect(words(0)).toBe("");
  });

  it("leaves out packs of unknown content, and says so, with no price of zero", () => {
    expect(cheapestPacks([pack("bag", 0, 500)], 300)).toEqual([]);
    const build = haberdasher();
    const input = jobInput(build);
    for (const m of input.book.materials) if (m.class === "coat" && m.id === "water-varnish") m.packs[0]!.content = 0;
    const { buying, snags } = plan(input);
    expect(buying.lines.find((l) => l.materialId === "water-varnish")!.likelyMinor).toBeNull();
    expect(snags.find((s) => s.rule === "buying/unknown-content")!.sentence).toMatch(/varnish: how much is in tin/);
  });

  it("never buys too little, and never dearer than one kind alone", () => {
    const packs = [pack("a", 50, 120), pack("b", 330, 610), pack("c", 1000, 1500)];
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 6000, noNaN: true }), (amount) => {
        const found = cheapestPacks(packs, amount);
        const cost = found.reduce((n, { pack: p, count }) => n + count * p.priceMinor!, 0);
        expect(found.reduce((n, { pack: p, count }) => n + count * p.content, 0)).toBeGreaterThanOrEqual(amount - 1e-6);
        for (const p of packs) expect(cost).toBeLessThanOrEqual(Math.ceil(amount / p.content) * p.priceMinor! + 1e-9);
      }),
    );
  });

  it("leaves least over while prices are missing", () => {
    const packs = [pack("small", 100, null), pack("large", 1000, 500)];
    expect(cheapestPacks(packs, 150).map(({ pack: p, count }) => [p.id, count])).toEqual([["small", 2]]);
  });
});

describe("spread", () => {
  it("knows the normal distribution (Abramowitz & Stegun, table 26.1)", () => {
    expect(normalCdf(0)).toBeCloseTo(0.5, 7);
    expect(normalCdf(1)).toBeCloseTo(0.841344746, 6);
    expect(normalCdf(-1.6448536)).toBeCloseTo(0.05, 6);
    expect(normalCdf(2.3263479)).toBeCloseTo(0.99, 6);
  });

  it("puts 5 and 95 % at the ends of a stated range", () => {
    const need = { likely: 100, low: 50, high: 200 };
    expect(oddsEnough(need, 200)).toBeCloseTo(0.95, 6);
    expect(oddsEnough(need, 50)).toBeCloseTo(0.05, 6);
    expect(oddsEnough(need, 100)).toBeCloseTo(0.5, 6);
    expect(oddsEnough(need, safeNeed(need))).toBeCloseTo(0.9, 6);
  });

  it("takes pieces as certain", () => {
    const two = { likely: 2, low: 2, high: 2 };
    expect(safeNeed(two)).toBe(2);
    expect(oddsEnough(two, 2)).toBe(1);
    expect(oddsEnough(two, 1)).toBe(0);
  });

  it("agrees with jStat's lognormal distribution", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 500, noNaN: true }),
        fc.double({ min: 1.05, max: 4, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (likely, ratio, share) => {
          const need = { likely, low: likely / ratio, high: likely * ratio };
          // 95 % of a normal variable lie under 1.644854 of its deviations (Abramowitz and Stegun, table 26.1).
          const sigma = Math.log(ratio) / 1.644854;
          const odds = jstat.lognormal.cdf(likely * share, Math.log(likely), sigma);
          expect(oddsEnough(need, likely * share)).toBeCloseTo(odds, 5);
          expect(safeNeed(need)).toBeCloseTo(jstat.lognormal.inv(0.9, Math.log(likely), sigma), 3);
        },
      ),
    );
  });
});
