import { describe, expect, it } from "vitest";
import type { SettledStep } from "#core/ledgers/ledger";
import { closingGate, photoGate } from "./gates";
import { minutesFault, readPacks } from "./typed";

describe("minutes as they are typed", () => {
  it.each([
    [null, 20, false, ""],
    [25, 20, false, ""],
    [undefined, 20, true, "as a number"],
    [0, 20, true, "from 1 to 1440"],
    [-5, 20, true, "from 1 to 1440"],
    [1441, 20, true, "from 1 to 1440"],
    // Ten hours of a quarter of an hour's work are kept, and doubted; of a day's work they are not.
    [600, 20, false, "10 h for a step planned at 20 min"],
    [600, 400, false, ""],
  ])("%s for a plan of %s: kept out %s", (minutes, planned, stops, words) => {
    const fault = minutesFault(minutes, planned);
    expect(fault.stops).toBe(stops);
    expect(fault.words).toContain(words);
    if (words === "") expect(fault.words).toBe("");
  });
});

describe("packs as they are typed", () => {
  it.each([
    ["", 310, 0],
    ["  ", 310, 0],
    ["1", 310, 310],
    ["0.5", 310, 155],
    ["0,5", 310, 155],
    ["none", 310, undefined],
    ["-1", 310, undefined],
    ["1e9", 310, undefined],
  ])("“%s” of %s: %s", (text, content, amount) => {
    expect(readPacks(text, content)).toBe(amount);
  });
});

describe("what keeps a step from being over", () => {
  const step = (of: Partial<SettledStep>) => of as SettledStep;
  it("is a photograph that is wanted and missing", () => {
    expect(photoGate(step({}), [])).toEqual([]);
    const layout = step({ photos: ["front", "above", "below"] });
    expect(photoGate(layout, ["above"])[0]).toMatch(
      /^Photograph it first from the front, from below: 1 of 3 are there/,
    );
    expect(photoGate(layout, ["above", "front", "below"])).toEqual([]);
  });
  it("is an open check before residents, and before no other step", () => {
    expect(closingGate(step({ reaches: ["residentsIn"] }), 2)[0]).toMatch(/^2 checks of the closing list are open/);
    expect(closingGate(step({ reaches: ["residentsIn"] }), 1)[0]).toMatch(/^1 check of the closing list is open/);
    expect(closingGate(step({ reaches: ["residentsIn"] }), 0)).toEqual([]);
    expect(closingGate(step({ reaches: ["planted"] }), 2)).toEqual([]);
  });
});
