import { describe, expect, it } from "vitest";
import { auditEscape, type EscapeInput } from "./escape";

const resident = { name: "froglet", narrowestRigidMm: 9, factor: 0.33 };
const slot = (nominalMm: number, more = {}) => ({ name: "beside the leaf", kind: "slot" as const, nominalMm, ...more });
const judged = (who: object, ...ways: EscapeInput["ways"]) =>
  auditEscape({ resident: { ...resident, ...who }, ways }).ways;

describe("a way out under a push", () => {
  it("opens by as much, at worst and likely, whatever its kind", () => {
    const mesh = { name: "mesh", kind: "mesh" as const, apertureMm: [1.13, 1.31] as [number, number], pushMm: 0.2 };
    const [pushed, still, pressed] = judged({}, slot(2, { pushMm: 1.5, toleranceMm: [0.3, 0.4] }), slot(2), mesh);
    expect([pushed!.worstMm, pushed!.likelyMm]).toEqual([4.2, 4]);
    expect(still!.worstMm).toBe(2);
    expect(pressed!.worstMm).toBeCloseTo(1.51, 9);
  });
});

describe("a snare", () => {
  it("takes a head and not the body behind it", () => {
    const [small, caught, through] = judged({ girthMm: 20 }, slot(8.9), slot(9), slot(20));
    expect([small!.snare, caught!.snare, through!.snare]).toEqual([false, true, false]);
    expect(caught!.why).toMatch(/a snare: its head passes 9 mm and its body of 20 mm does not/);
    // It is a way out as well: the two are told apart.
    expect(caught!.passes).toBe(false);
  });

  it("is judged by the least gap its head passes, where that is known", () => {
    expect(judged({ girthMm: 20, headMm: 6 }, slot(7))[0]!.snare).toBe(true);
    expect(judged({ girthMm: 20, headMm: 12 }, slot(7))[0]!.snare).toBe(false);
  });

  it("is not told while its girth is not known", () => {
    expect(judged({}, slot(9))[0]).not.toHaveProperty("snare");
    expect(judged({ life: "hatchling" }, slot(9))[0]).not.toHaveProperty("snare");
  });
});
