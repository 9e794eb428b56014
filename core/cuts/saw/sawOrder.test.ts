import { describe, expect, it } from "vitest";
import { jobInput } from "../../../tests/job";
import { plan } from "../../plan";
import { guideAt, sawOrder, settingsOf } from "./sawOrder";

const sheets = plan(jobInput()).groups.flatMap((g) => g.layout);

describe("the order at the saw", () => {
  it("makes every cut once, none before the piece it parts is free", () => {
    for (const sheet of sheets) {
      const order = sawOrder(sheet);
      expect(order.map((c) => c.index).sort((a, b) => a - b)).toEqual(sheet.cuts.map((_, i) => i));
      for (const { cut, piece } of order) {
        const [from, length] = cut.axis === "x" ? [piece.y, piece.h] : [piece.x, piece.w];
        expect(cut.from).toBeCloseTo(from, 1);
        expect(Math.abs(cut.to - from - length)).toBeLessThan(sheet.kerf + 0.1);
      }
    }
  });
  it("finishes every part, and sets the fence to a finished size of one of them or to a strip's", () => {
    for (const sheet of sheets) {
      const order = sawOrder(sheet);
      expect(new Set(order.flatMap((c) => c.finishes))).toEqual(new Set(sheet.parts.map((p) => p.partId)));
      for (const { settingMm, piece, cut } of order) {
        expect(settingMm).toBeGreaterThan(0);
        expect(settingMm).toBeLessThanOrEqual((cut.axis === "x" ? piece.w : piece.h) + 1e-6);
      }
    }
  });
  it("keeps like settings together: no more settings than cuts, and no two the same in a row", () => {
    for (const sheet of sheets) {
      const settings = settingsOf(sawOrder(sheet));
      expect(settings.flatMap((s) => s.cuts)).toHaveLength(sheet.cuts.length);
      for (const [i, { axis, settingMm }] of settings.entries())
        if (i > 0)
          expect(`${axis}${settingMm.toFixed(1)}`).not.toBe(
            `${settings[i - 1]!.axis}${settings[i - 1]!.settingMm.toFixed(1)}`,
          );
    }
  });
});

describe("a guide", () => {
  // By hand: a saw whose foot is 107 wide on the guide's side.
  it.each([
    [600, 107, 2.2, { atMm: 493, side: "before" }],
    [600, 0, 2.2, { atMm: 600, side: "before" }],
    [60, 107, 2.2, { atMm: 169.2, side: "past" }],
  ] as const)("for %d with %d of foot lies at %o", (setting, offset, kerf, at) => {
    const guide = guideAt(setting, offset, kerf);
    expect(guide.side).toBe(at.side);
    expect(guide.atMm).toBeCloseTo(at.atMm, 9);
  });
});
