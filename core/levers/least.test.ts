import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Plan } from "../plan";
import type { Judge } from "./judge";
import { least } from "./least";
import { numberLever } from "./lever";
import { together } from "./search";

/** Designs that are a number, the sum of what is set: within where it lies from low to high, safe only so far inside. */
function numbers(low: number, high: number, insideBy = 0): Judge {
  const planOf = (x: number) => ({ x, figures: [], tally: { costLikelyMinor: 0, currency: "EUR" } }) as unknown as Plan;
  const at = (p: Plan) => (p as unknown as { x: number }).x;
  const out = (x: number, by: number) => Math.max(0, low + by - x, x - high + by);
  const flat = Array.from({ length: 24 }, () => 20);
  return {
    before: planOf(0),
    designed: (patch) => ({
      plan: planOf(patch.reduce((sum, op) => sum + (op as unknown as { value: number }).value, 0)),
      refused: undefined,
    }),
    likely: (p) => out(at(p), 0),
    safe: (p) => out(at(p), insideBy),
    day: () => ({ tempC: flat, rh: flat }),
  };
}
const lever = (id: string, high: number) =>
  numberLever({
    ...{ id, name: id, now: 0, low: 0, high, step: 1, say: String },
    patch: (x) => [{ op: "add", path: "/x", value: x }],
  });
const set = (found: ReturnType<typeof least>) => found.does && Number(found.does.setting.words);

describe("the least change of a lever", () => {
  it("is the nearest setting that is within, whatever the band, and none where none is", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 0, max: 40 }), (low, wide) => {
        const found = set(least(numbers(low, low + wide), lever("one", 60), false));
        if (low > 60) expect(found).toBeUndefined();
        // Halvings leave it at most so many steps over the least; a band as narrow as that may be missed.
        else if (wide >= 2) expect(found! - low).toBeLessThanOrEqual(1);
      }),
    );
  });
  it("between two settings is found where one is too little and the next too much", () => {
    expect(set(least(numbers(14, 16), lever("one", 60), false))).toBeGreaterThanOrEqual(14);
  });
  it("to be safe goes as far inside as that takes", () => {
    expect(set(least(numbers(20, 40, 5), lever("one", 60), true))).toBe(25);
    expect(set(least(numbers(20, 24, 5), lever("one", 60), true))).toBeUndefined();
  });
  it("is no change that is none: where it is within already, nothing is found", () => {
    expect(least(numbers(0, 0), lever("one", 60), false).does).toBeUndefined();
  });
});

describe("two levers together", () => {
  const [one, other] = [lever("one", 30), lever("other", 30)];
  it("do what neither does alone, and say whether that is to be safe", () => {
    const judge = numbers(40, 60, 4);
    expect(least(judge, one, true).does).toBeUndefined();
    const safe = together(judge, one, other, true)!;
    expect([safe.safe, safe.parts.map((p) => p.name)]).toEqual([true, ["one", "other"]]);
    expect(together(numbers(40, 46, 4), one, other, true)).toBeUndefined();
    expect(together(numbers(40, 46, 4), one, other, false)!.safe).toBe(false);
  });
});
