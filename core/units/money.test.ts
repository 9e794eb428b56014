import { describe, expect, it } from "vitest";
import { formatMoney, formatWholeMoney, parseMoneyMinor, plainMoney } from "./money";

/** ISO 4217, table A.1: minor units of the euro 2, the yen 0, the Kuwaiti dinar 3. */
describe("money", () => {
  it("is printed in its currency's own digits", () => {
    expect(formatMoney(6200, "EUR")).toBe("€62.00");
    expect(formatMoney(6200, "JPY")).toBe("JP¥6,200");
    expect(formatMoney(6200, "KWD").replace(/\s/g, " ")).toBe("KWD 6.200");
    expect(formatWholeMoney(6249, "EUR")).toBe("€62");
    expect(formatWholeMoney(6249, "JPY")).toBe("JP¥6,249");
  });
  it("is read as it is printed in fields and lists", () => {
    for (const [currency, text, minor] of [
      ["EUR", "62.50", 6250],
      ["JPY", "6250", 6250],
      ["KWD", "6.250", 6250],
    ] as const) {
      expect(plainMoney(minor, currency)).toBe(text);
      expect(parseMoneyMinor(text, currency)).toEqual({ ok: true, value: minor });
    }
    expect(parseMoneyMinor("€62,50", "EUR")).toEqual({ ok: true, value: 6250 });
    expect(parseMoneyMinor("18.5", "EUR")).toEqual({ ok: true, value: 1850 });
  });
  it("that is none, or finer than its currency, is refused with what to type", () => {
    expect(parseMoneyMinor("free", "EUR")).toMatchObject({ ok: false, message: expect.stringContaining("62.50") });
    expect(parseMoneyMinor("-3", "EUR").ok).toBe(false);
    expect(parseMoneyMinor("1.234", "EUR")).toMatchObject({
      ok: false,
      message: expect.stringContaining("more than 2"),
    });
    expect(parseMoneyMinor("62.50", "JPY")).toMatchObject({
      ok: false,
      message: expect.stringContaining("JPY has no smaller unit"),
    });
  });
});
