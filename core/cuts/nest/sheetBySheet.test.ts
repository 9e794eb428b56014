import fc from "fast-check";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { caseClasses } from "../../../bench/nest/instances";
import { poolArea } from "./pool";
import { inMicrometres } from "./problem";
import { sheetBySheet } from "./sheetBySheet";
import { start } from "./start";
import { eachPart, type Kind } from "./tree";

const dice = (seed: number) => {
  const generator = xoroshiro128plus(seed);
  return () => (generator.next() >>> 0) / 2 ** 32;
};
const never = () => false;

describe("sheet after sheet", () => {
  const stocks = [
    { w: 120, h: 80, price: 9, count: 1e9 },
    { w: 60, h: 50, price: 3, count: 2 },
    { w: 45, h: 40, price: 0, count: 1 },
  ];
  it("places each part once, takes no more sheets than there are, and tells what they cost", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 3, max: 130 }), fc.integer({ min: 3, max: 60 }), fc.boolean()), {
          minLength: 1,
          maxLength: 20,
        }),
        fc.integer(),
        (sizes, seed) => {
          const kinds = sizes
            .map(([w, h, rotate]): Kind => ({ w, h, area: w * h, rotate }))
            .sort((a, b) => b.area - a.area);
          const counts = kinds.map((_, i) => 1 + (i % 7));
          const { sheets, pool, cost } = sheetBySheet(kinds, counts, stocks, dice(seed), never);
          const found = [...pool.left];
          for (const { root } of sheets) eachPart(root, (kind) => found[kind]!++);
          expect(found).toEqual(counts);
          stocks.forEach((stock, i) => {
            expect(sheets.filter((s) => s.stock === i).length).toBeLessThanOrEqual(stock.count);
          });
          expect(cost).toBe(sheets.reduce((sum, s) => sum + stocks[s.stock]!.price, 0));
          // Only what is too long for the largest sheet is left over.
          kinds.forEach((k, i) => {
            if (k.w <= 120) expect(pool.left[i]).toBe(0);
          });
        },
      ),
      { numRuns: 40 },
    );
  });
  it("comes cheaper than one packing after another on jobs of hundreds of parts, and fills free offcuts", () => {
    const jobs = caseClasses(10, 7).find((c) => c.name.startsWith("shop, 200"))!.cases;
    for (const { instance } of jobs) {
      const { kinds, counts, stocks: sizes } = inMicrometres(instance);
      const random = dice(3);
      const { sheets, pool, cost } = sheetBySheet(kinds, counts, sizes, random, never);
      const plain = Array.from({ length: 4 }, () => start(kinds, [...counts], sizes, random).cost);
      expect(poolArea(kinds, pool)).toBe(0);
      expect(cost).toBeLessThan(Math.min(...plain));
      sizes.forEach(({ price, count }, i) => {
        if (price === 0) expect(sheets.filter((s) => s.stock === i)).toHaveLength(count);
      });
    }
  });
  it("stops when it is told to, and still places all", () => {
    const { kinds, counts, stocks: sizes } = inMicrometres(caseClasses(5, 7).at(-1)!.cases[0]!.instance);
    const { pool } = sheetBySheet(kinds, counts, sizes, dice(1), () => true);
    expect(poolArea(kinds, pool)).toBe(0);
  });
});
