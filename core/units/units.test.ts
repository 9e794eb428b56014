import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatLength, formatLengthWithUnit, formatMinutes, formatNumber, formatRun, formatSpan } from "./format";
import { parseLength } from "./length";
import { parseMassG, parseTemperatureC, parseVolumeMl } from "./quantity";
import type { Result } from "./result";

const value = (r: Result<number>) => {
  if (!r.ok) throw new Error(r.message);
  return r.value;
};

describe("lengths as typed", () => {
  // 1 in = 25.4 mm and 1 ft = 304.8 mm exactly: NIST SP 811, appendix B.8.
  it.each([
    ["600", 600],
    ["60cm", 600],
    ["60 cm", 600],
    ["1.5 m", 1500],
    ["1,5 m", 1500],
    ['23 5/8"', 600.075],
    ["23-5/8 in", 600.075],
    ['59 1/16"', 1500.1875],
    ["2' 3 1/2\"", 698.5],
    ["2' 3 1/2", 698.5],
    ["2 ft 3 in", 685.8],
    ['5/8"', 15.875],
    ["23 ⅝″", 600.075],
    ["1 m 20 cm", 1200],
    ["-5", -5],
    [".5 in", 12.7],
  ])("%s is %d mm", (text, mm) => expect(value(parseLength(text))).toBeCloseTo(mm, 9));

  it("takes a bare number in the build's own unit", () => {
    expect(value(parseLength("23 5/8", "in"))).toBeCloseTo(600.075, 9);
    expect(value(parseLength("24", "in"))).toBeCloseTo(609.6, 9);
  });

  it.each(["", "abc", "12 parsecs", "5/0", "3 in 2 ft", "600 20", "1e9", "NaN", "--4", "5 //8"])(
    "refuses %j with words, not a number",
    (text) => {
      const read = parseLength(text);
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.message).toMatch(/Type/);
    },
  );

  it("never answers NaN, whatever is typed", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseLength(text);
        return !read.ok || Number.isFinite(read.value);
      }),
    );
  });

  it("reads back what it prints, to half the last fraction", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), (mm) => {
        const inches = value(parseLength(formatLength(mm, { unit: "in", denominator: 16 })));
        expect(Math.abs(inches - mm)).toBeLessThanOrEqual(25.4 / 32 + 1e-9);
        expect(Math.abs(value(parseLength(formatLength(mm, { unit: "mm" }))) - mm)).toBeLessThanOrEqual(0.05 + 1e-9);
      }),
    );
  });
});

describe("lengths as shown", () => {
  it("reduces fractions", () => {
    expect(formatLength(600.075, { unit: "in", denominator: 16 })).toBe('23 5/8"');
    expect(formatLength(12.7, { unit: "in", denominator: 32 })).toBe('1/2"');
    expect(formatLength(304.8, { unit: "in", denominator: 16 })).toBe('12"');
  });
  it("rounds gaps up and allowances down", () => {
    expect(formatLength(3.01, { unit: "mm" }, "up")).toBe("3.1");
    expect(formatLength(3.09, { unit: "mm" }, "down")).toBe("3");
    expect(formatNumber(0.1 + 0.2, 1, "up")).toBe("0.3");
  });
  it("never shows NaN or minus zero", () => {
    expect(formatNumber(Number.NaN)).toBe("–");
    expect(formatNumber(-0.001)).toBe("0");
  });
  it("says minutes as people do", () => {
    expect([25, 60, 135, 1440, 4320].map(formatMinutes)).toEqual(["25 min", "1 h", "2 h 15", "24 h", "3 days"]);
  });
});

describe("lengths in words", () => {
  const inches = { unit: "in", denominator: 16 } as const;
  it("write a small length with decimals where a fraction would be off by more than a tenth", () => {
    expect(formatLengthWithUnit(0.5, inches)).toBe('0.02"');
    expect(formatLengthWithUnit(1, inches)).toBe('0.039"');
    expect(formatLengthWithUnit(1, inches, "up")).toBe('0.04"');
    expect(formatLengthWithUnit(3, inches)).toBe('1/8"');
    expect(formatLengthWithUnit(10, inches)).toBe('3/8"');
    expect(formatLengthWithUnit(0, inches)).toBe('0"');
  });
  it("tell spans and runs in the build's own units", () => {
    expect(formatSpan(10, 20, { unit: "mm" })).toBe("10 to 20 mm");
    expect(formatSpan(10, 20, inches)).toBe('3/8" to 13/16"');
    expect(formatRun(3700, { unit: "mm" })).toBe("3.7 m");
    expect(formatRun(3700, inches)).toBe("12.1 ft");
  });
});

describe("volumes, masses, temperatures", () => {
  // US gallon and quart: NIST SP 811, appendix B.8.
  it("knows US measures", () => {
    expect(value(parseVolumeMl("58 qt")) / 1000).toBeCloseTo(54.888, 3);
    expect(value(parseVolumeMl("14.5 gal")) / 1000).toBeCloseTo(54.888, 3);
    expect(value(parseVolumeMl("40 gal")) / 1000).toBeCloseTo(151.416, 3);
    expect(value(parseMassG("3 lb"))).toBeCloseTo(1360.777, 3);
    expect(value(parseMassG("1,5 kg"))).toBeCloseTo(1500, 9);
  });
  it("reads °C and °F", () => {
    expect(value(parseTemperatureC("75F"))).toBeCloseTo(23.889, 3);
    expect(value(parseTemperatureC("-4 °C"))).toBe(-4);
    expect(parseTemperatureC("-500").ok).toBe(false);
  });
  it("reads prices into minor units", () => {});
});
