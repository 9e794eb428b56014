import { describe, expect, it } from "vitest";
import { brambleTower } from "../../demo/builds";
import { dampTub } from "../../demo/builds/outOfBand";
import { bareTank } from "../../tests/bareTank";
import { put, RESIDENT } from "../../tests/hung";
import { jobInput } from "../../tests/job";
import { DAY } from "../day/facts";
import { hoursInBand, safeHoursInBand } from "../day/inBand";
import { runDay } from "../day/run";
import { sureDraws, sureOf, sureRun } from "../day/sure";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import type { Build } from "../document/schema";
import { plan } from "../plan";
import { applyFix } from "../snags/fix";
import { leversOf } from "./kinds/list";
import { numberLever } from "./lever";
import { searching } from "./search";

const found = (build: Build) => [...searching(jobInput(build))].at(-1)!;
/** What is known once a lever was looked at. */
function until(build: Build, id: string) {
  for (const known of searching(jobInput(build)))
    if ([...known.found, ...known.refused].some((l) => l.ids.join() === id)) return known;
  throw new Error(`No lever ${id}`);
}
const siteOf = (build: Build) => plan(jobInput(build)).site;
const leverOf = (build: Build, id: string) => leversOf(siteOf(build)).find((l) => l.id === id);
/** Hours in band, likely and to be safe, as the page works them out. */
function hoursOf(build: Build): [number | null, number | null] {
  const { ask } = plan(jobInput(build)).facts.one(DAY)!;
  const sure = sureOf(
    ask,
    sureDraws(ask).map((z) => sureRun(ask, z)),
  );
  return [hoursInBand(build.brief.residents, runDay(ask).usual), safeHoursInBand(build.brief.residents, sure)];
}

describe("what would bring the air into its band", () => {
  // The other two examples are mended in the browser, by the same search.
  it("the tub with its left rows alone: out of it as it is, within it to be safe by a lever, and still sound", () => {
    const [build, id] = [dampTub(), "new-vent/high"];
    const { ask } = plan(jobInput(build)).facts.one(DAY)!;
    expect(hoursInBand(build.brief.residents, runDay(ask).usual)).toBeLessThan(24);
    const lever = until(build, id).found.find((f) => f.ids.join() === id)!;
    expect(lever.safe).toBe(true);
    const input = jobInput(build);
    const moved = applyFix(build, lever.patch);
    expect(checkDesign(moved, input.book)).toEqual([]);
    expect(hoursOf(moved)).toEqual([24, 24]);
    const stops = (b: Build) =>
      plan(jobInput(b))
        .snags.filter((s) => s.severity === "stop")
        .map((s) => `${s.rule} ${s.subject}`);
    const before = new Set(stops(build));
    expect(stops(moved).filter((s) => !before.has(s))).toEqual([]);
  });
  it("in a room as damp as the tub nothing does, and it says that it is the room", () => {
    const damp = dampTub();
    damp.brief.room.rh = { low: 90, high: 96 };
    const known = until(damp, "new-vent/high");
    expect(known.found.filter((f) => f.safe)).toEqual([]);
    expect(known.refused.find((r) => r.ids[0] === "new-vent/high")!.why).toMatch(
      /The room’s own air is 9\d % at 1[89] °C/,
    );
  });
  it("has nothing to look for where nobody has said what they live in, or all is within", () => {
    const build = bareTank();
    build.brief.residents = [{ ...structuredClone(RESIDENT), bands: { tempC: null, rh: null } }];
    expect(found(build).nothing).toMatch(/Nobody has said/);
    build.brief.residents[0]!.bands = { tempC: { low: 5, high: 40 }, rh: null };
    expect(found(build).nothing).toMatch(/within the band as it is/);
  });
  it("stopped after any lever, it has what was found until then", () => {
    const first = searching(jobInput(dampTub())).next().value!;
    expect(first).toMatchObject({ done: 1, nothing: null });
    expect(first.of).toBeGreaterThan(3);
    expect(first.found.length + first.refused.length).toBe(1);
  });
});

describe("a lever", () => {
  it("of a number goes to each end by steps, and between any two", () => {
    const lever = numberLever({
      ...{ id: "x", name: "X", now: 40, low: 10, high: 100, step: 5 },
      ...{ say: (x) => String(x), patch: () => [] },
    });
    expect(lever.sides.map((s) => s.map((x) => x.words))).toEqual([
      ["35", "30", "25", "20", "15", "10"],
      ["50", "60", "70", "80", "90", "100"],
    ]);
    const [down, up] = lever.sides;
    const asIs = { far: 0, words: "", patch: [] };
    expect(lever.between!(asIs, up![0]!)!.words).toBe("45");
    expect(lever.between!(up![0]!, up![1]!)!.words).toBe("55");
    expect(lever.between!(asIs, down![0]!)).toBeUndefined();
    expect(up!.map((s) => s.far)).toEqual([...up!.map((s) => s.far)].sort((a, b) => a - b));
  });
  const tank = () =>
    bareTank((v) => {
      put(v, "spotLamp", "lamp", { watts: statedMm(50), hours: { from: "08:00", to: "18:00" } });
      put(v, "heatMat", "mat", { watts: statedMm(20), hours: { from: "08:00", to: "20:00" }, set: statedMm(26) });
    });
  it("of hours follows the day where it gives light, and goes on day and night where it only heats; never past midnight", () => {
    const of = (id: string) => leverOf(tank(), id)!.sides.flat();
    expect(of("hours/lamp").map((s) => s.words)).toContain("14 h, 08:00 to 22:00");
    expect(of("hours/lamp").some((s) => s.words === "day and night")).toBe(false);
    expect(of("hours/mat").at(-1)!.words).toBe("day and night");
    for (const { patch } of [...of("hours/lamp"), ...of("hours/mat")])
      for (const { value } of patch as { value: { from: string; to: string } | null }[])
        if (value) expect(value.from < value.to).toBe(true);
  });
  it("of what is on day and night is fewer hours, from the morning on", () => {
    const fan = bareTank((v) => {
      put(v, "fan", "fan", { flow: statedMm(4), hours: null });
    });
    const lever = leverOf(fan, "hours/fan")!;
    expect(lever.now).toBe("day and night");
    expect(lever.sides.flat().at(-1)!.words).toBe("5 min, 08:00 to 08:05");
  });
  it("of a thermostat stays between the room and a little over what anybody bears", () => {
    const settings = leverOf(tank(), "set/mat")!.sides.flat();
    expect(settings.every((s) => /^\d+(\.5)? °C$/.test(s.words))).toBe(true);
  });
  it("of a screen that came with the shell is a sheet over part of it: nothing of it is cut", () => {
    const lever = leverOf(brambleTower(), "cover/screen")!;
    expect([lever.now, lever.sides.flat().at(-1)!.words]).toEqual(["none of it", "90 %"]);
    const half = lever.sides[0]!.find((s) => s.words === "45 %")!;
    const covered = applyFix(brambleTower(), half.patch);
    const free = (b: Build) => plan(jobInput(b)).figures.find((f) => f.id === "air/screen/free")!.value;
    expect(free(covered) / free(brambleTower())).toBeCloseTo(0.55, 9);
  });
  it("of a vent is pulled only where the vent is made: what was found is not cut", () => {
    const build = dampTub();
    expect(leverOf(build, "vent-height/low-1")).toBeDefined();
    build.variants[0]!.features[0]!.origin = "found";
    expect(leverOf(build, "vent-height/low-1")).toBeUndefined();
    expect(leverOf(build, "vent-mesh/low-1")).toBeUndefined();
  });
});
