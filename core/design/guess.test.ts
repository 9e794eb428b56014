import { describe, expect, it } from "vitest";
import { parseMeasure } from "./guess";

describe("lengths that may be guesses", () => {
  it.each([
    ["about 40 cm", 400, 360, 440],
    ["~16in", 406.4, 365.76, 447.04],
    ["40 to 45 cm", 425, 400, 450],
    ["40–45 cm", 425, 400, 450],
    ["40-45 cm", 425, 400, 450],
    ["several inches", 127, 76.2, 177.8],
    ["a few cm", 30, 20, 40],
  ])("%s is a guess with its range", (text, value, low, high) => {
    const read = parseMeasure(text, "mm");
    expect(read).toMatchObject({ ok: true, value: { typed: text, how: "guessed" } });
    if (!read.ok) return;
    expect(read.value.value).toBeCloseTo(value, 6);
    expect(read.value.low).toBeCloseTo(low, 6);
    expect(read.value.high).toBeCloseTo(high, 6);
  });

  it.each([
    ["600", 600],
    ['23 5/8"', 600.075],
    ["2' 3 1/2\"", 698.5],
    ["60cm", 600],
  ])("%s is no guess", (text, value) => {
    const read = parseMeasure(text, "mm");
    expect(read).toEqual({ ok: true, value: { typed: text, value: expect.closeTo(value, 6), how: "stated" } });
  });

  it.each(["about", "several", "45 to 40 cm", "about wide"])("%s is refused in words", (text) => {
    expect(parseMeasure(text, "mm")).toMatchObject({ ok: false, message: expect.stringContaining("Type") });
  });
});
