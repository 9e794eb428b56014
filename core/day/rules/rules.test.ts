import { describe, expect, it } from "vitest";
import { bareTank } from "../../../tests/bareTank";
import { put, RESIDENT } from "../../../tests/hung";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { Build } from "../../document/schema";
import { plan } from "../../plan";
import type { Resident } from "../../residents/schema";
import type { DayAnswer, DayEnd } from "../answer";
import { DAY } from "../facts";
import { hoursInBand, outOf, sharedBand } from "../inBand";

const flat = (value: number) => Array.from({ length: 24 }, () => value);
/** A value at some hours, another at the rest. */
const at = (hours: readonly number[], then: number, else_: number) =>
  flat(else_).map((x, h) => (hours.includes(h) ? then : x));

interface Weather {
  usual?: Partial<DayEnd>;
  ends?: Partial<Record<keyof DayAnswer["ends"], Partial<DayEnd>>>;
  fog?: DayAnswer["fog"];
  stuckC?: number;
  tooColdHours?: number | null;
}
const MILD: DayEnd = { tempC: flat(24), rh: flat(60) };

/** A design's snags by an answer made up for it. */
function toldBy(design: Build, { usual, ends = {}, fog = [], stuckC = 25, tooColdHours = null }: Weather) {
  const input = jobInput(design);
  const { key } = plan(input).facts.one(DAY)!;
  const end = (name: keyof DayAnswer["ends"]) => ({ ...MILD, ...usual, ...ends[name] });
  const answer: DayAnswer = {
    ...{ key, fog, stuckC, storeEmptyDay: null, drainFullDay: null, cut: { tempC: [], tooColdHours } },
    usual: { ...MILD, ...usual, airChangesPerHour: flat(2), evaporationMlPerH: flat(0), condensationMlPerH: flat(0) },
    ends: { cold: end("cold"), warm: end("warm"), dry: end("dry"), damp: end("damp") },
    month: { tempC: [], rh: [], rhLow: [], rhHigh: [], storeMl: [], drainMl: [] },
    litresPerDay: { misted: 0, toAir: 0, toDrain: 0 },
  };
  const { snags } = plan({ ...input, days: [answer] });
  return (rule: string) => snags.find((s) => s.rule === rule);
}
function home(bands: Resident["bands"], own: Partial<Resident> = {}, change?: Parameters<typeof bareTank>[0]): Build {
  const build = bareTank(change);
  build.brief.residents = [{ ...structuredClone(RESIDENT), ...own, bands }];
  return build;
}
const skin = (wetSkin: boolean) => ({ traits: { ...RESIDENT.traits, wetSkin } });

describe("air and its residents", () => {
  it("who lives dry is stopped from damp air; who does not is warned; in the band neither is told", () => {
    const dry = home({ tempC: null, rh: { low: 30, high: 50 } });
    const moist = home({ tempC: null, rh: { low: 50, high: 70 } });
    const damp = { usual: { rh: flat(85) } };
    expect(toldBy(dry, damp)("day/too-damp")!.severity).toBe("stop");
    expect(toldBy(moist, damp)("day/too-damp")!.severity).toBe("mind");
    expect(toldBy(moist, damp)("day/too-damp")!.sentence).toContain(
      "85 % rh all day; 24 hours of it over the 50 to 70",
    );
    expect(toldBy(moist, { usual: { rh: flat(60) } })("day/too-damp")).toBeUndefined();
  });
  it("a wet skin that dries out is a stop, a dry one a warning", () => {
    const rh = { low: 70, high: 90 };
    const dried = { usual: { rh: flat(45) } };
    expect(toldBy(home({ tempC: null, rh }, skin(true)), dried)("day/too-dry")!.severity).toBe("stop");
    expect(toldBy(home({ tempC: null, rh }, skin(false)), dried)("day/too-dry")!.severity).toBe("mind");
  });
  it("three hours out of the band are let pass, four are not, and what nobody can tell counts as within", () => {
    const build = home({ tempC: null, rh: { low: 50, high: 70 } });
    const out = (hours: number[], rh: number) => toldBy(build, { usual: { rh: at(hours, rh, 60) } })("day/too-damp");
    expect(out([3, 4, 5], 90)).toBeUndefined();
    expect(out([3, 4, 5, 6], 90)).toBeDefined();
    expect(out([3, 4, 5, 6], 71)).toBeUndefined();
  });
  it("in the band as the room usually is, and out of it at an end, the room decides: a note", () => {
    const build = home({ tempC: null, rh: { low: 50, high: 70 } });
    const told = toldBy(build, { usual: { rh: flat(60) }, ends: { dry: { rh: flat(38) } } });
    expect(told("day/room-decides")).toMatchObject({ severity: "note" });
    expect(told("day/room-decides")!.sentence).toContain("driest");
    expect(told("day/too-dry")).toBeUndefined();
  });
  it("cold in the coldest room is told where nothing heats; where something does, it is told too weak instead", () => {
    const tempC = { low: 22, high: 28 };
    const cold = { ends: { cold: { tempC: flat(17) } } };
    expect(toldBy(home({ tempC, rh: null }), cold)("day/too-cold")!.sentence).toMatch(/^In the coldest room you typed/);
    const heated = home({ tempC, rh: null }, {}, (v) =>
      put(v, "heatMat", "mat", { watts: statedMm(10), cutOut: true }),
    );
    expect(toldBy(heated, cold)("day/too-cold")).toBeUndefined();
    expect(toldBy(heated, cold)("fixtures/too-weak")!.sentence).toContain("it falls to 17 °C");
    // Half a kelvin is what a thermostat swings by.
    expect(toldBy(heated, { ends: { cold: { tempC: flat(21.6) } } })("fixtures/too-weak")).toBeUndefined();
    expect(toldBy(home({ tempC, rh: null }), { usual: { tempC: flat(33) } })("day/too-warm")).toBeDefined();
  });
});

describe("water on the walls", () => {
  const wet = (face: string, hours: number[]): DayAnswer["fog"] => [{ face, hours: at(hours, 1, 0) }];
  it("the front fogs: a note with when; half an hour is none", () => {
    const build = home({ tempC: null, rh: null });
    expect(toldBy(build, { fog: wet("front", [22, 23, 0]) })("day/fog")!.sentence).toContain("from 22:00 to 01:00");
    expect(toldBy(build, { fog: [{ face: "front", hours: at([4], 0.5, 0) }] })("day/fog")).toBeUndefined();
    // Nobody looks through the back.
    expect(toldBy(build, { fog: wet("back", [1, 2, 3]) })("day/fog")).toBeUndefined();
  });
});

describe("what stays on, and what goes off", () => {
  const heated = (cutOut: boolean) =>
    home({ tempC: { low: 20, high: 28 }, rh: null }, {}, (v) =>
      put(v, "heatMat", "mat", { watts: statedMm(30), cutOut, control: "thermostat" }),
    );
  it("a stuck thermostat is told by the day, unless a cut-out stops it or nobody would be hurt", () => {
    expect(toldBy(heated(false), { stuckC: 41 })("fixtures/stuck")!.sentence).toContain("about 41 °C");
    expect(toldBy(heated(true), { stuckC: 41 })("fixtures/stuck")).toBeUndefined();
    expect(toldBy(heated(false), { stuckC: 32 })("fixtures/stuck")).toBeUndefined();
  });
  it("a power cut is told by the hour it is too cold by; where it never is, nothing is", () => {
    expect(toldBy(heated(true), { tooColdHours: 1 })("day/power-cut")!.sentence).toContain("within 1 hour.");
    expect(toldBy(heated(true), { tooColdHours: 9 })("day/power-cut")!.sentence).toContain("within 9 hours.");
    expect(toldBy(heated(true), {})("day/power-cut")).toBeUndefined();
  });
});

describe("hours in the band of everyone", () => {
  const of = (low: number, high: number): Resident => ({ ...RESIDENT, bands: { tempC: { low, high }, rh: null } });
  it("share what all bear, and none where nothing suits all", () => {
    expect(sharedBand([of(18, 26), of(22, 30)], "tempC")).toEqual({ low: 22, high: 26 });
    expect(sharedBand([of(18, 20), of(22, 30)], "tempC")).toBeNull();
    expect(hoursInBand([{ ...RESIDENT, bands: { tempC: null, rh: null } }], MILD)).toBeNull();
  });
  it("are the same hours that no snag counts against it", () => {
    const day = { ...MILD, tempC: at([0, 1, 2, 3, 4], 21.6, 19) };
    const { above, below } = outOf(day.tempC, { low: 22, high: 26 }, "tempC");
    expect([above, below]).toEqual([0, 19]);
    expect(hoursInBand([of(22, 26)], day)).toBe(24 - above - below);
  });
});
