import { describe, expect, it } from "vitest";
import { nurseryTub } from "../../demo/builds";
import { bareTank } from "../../tests/bareTank";
import { RESIDENT } from "../../tests/hung";
import { jobInput } from "../../tests/job";
import { plan } from "../plan";
import type { Sure } from "./answer";
import { DAY, SURE_RUNS } from "./facts";
import { runDay } from "./run";
import { sureDraws, sureOf, sureRun } from "./sure";
import { mattersMost, oddsWords } from "./sureWords";

const input = jobInput(nurseryTub());
const { ask } = plan(input).facts.one(DAY)!;
const day = runDay(ask);
const runs = sureDraws(ask).map((z) => sureRun(ask, z));
const sure = sureOf(ask, runs);

describe("how sure a day is", () => {
  it("lies about the likely day: nine of ten draws of what nobody measured", () => {
    expect(sure.runs).toBe(SURE_RUNS);
    for (let h = 0; h < 24; h++) {
      expect(sure.tempC.low[h]).toBeLessThan(day.usual.tempC[h]!);
      expect(sure.tempC.high[h]).toBeGreaterThan(day.usual.tempC[h]!);
      const within = runs.filter((r) => r.rh[h]! >= sure.rh.low[h]! && r.rh[h]! <= sure.rh.high[h]!).length;
      expect(within / SURE_RUNS).toBeGreaterThan(0.85);
      expect(within / SURE_RUNS).toBeLessThan(0.95);
    }
  });
  it("hangs on what was typed widest: the room's warmth makes the shell's", () => {
    expect(sure.matters.find((m) => m.id === "roomTemp")!.tempC).toBeGreaterThan(0.7);
    expect(sure.matters.reduce((sum, m) => sum + m.rh, 0)).toBeCloseTo(1, 9);
    expect(mattersMost(sure, { tempC: { low: 10, high: 20 }, rh: null })).toEqual([
      expect.stringContaining("how warm the room is"),
    ]);
    expect(mattersMost(sure, { tempC: null, rh: { low: 70, high: 90 } })[0]).toMatch(/^Its air hangs most on/);
  });
  it("is known from the first draws on, and the same again for the same design", () => {
    const some = sureOf(ask, runs.slice(0, 8));
    expect([some.runs, some.of]).toEqual([8, SURE_RUNS]);
    expect(sureDraws(ask)).toEqual(sureDraws(ask));
    expect(sureOf(ask, runs)).toEqual(sure);
    expect(sureOf(ask, runs.slice(0, 1)).matters.every((m) => m.rh === 0)).toBe(true);
  });
  it("has odds in words", () => {
    expect([0, 0.3, 0.97, 1].map(oddsWords)).toEqual(["hardly ever", "3 of 10", "10 of 10", "nearly always"]);
  });
});

describe("what a plan says of it", () => {
  const planned = (own: Partial<Sure>) => {
    const build = bareTank();
    build.brief.residents = [{ ...structuredClone(RESIDENT), bands: { tempC: { low: 15, high: 30 }, rh: null } }];
    const given = jobInput(build);
    const { ask: own1 } = plan(given).facts.one(DAY)!;
    const answer = runDay(own1);
    const flat = (x: number) => Array.from({ length: 24 }, () => x);
    const made: Sure = {
      ...{ runs: 64, of: 64, fog: [], drainFull: 0, runsDry: 0, matters: [] },
      ...{ tempC: { low: flat(20), high: flat(24) }, rh: { low: flat(40), high: flat(60) } },
      ...own,
    };
    return plan({ ...given, days: [{ ...answer, sure: made }] });
  };
  const flat = (x: number, hours: number, then: number) => Array.from({ length: 24 }, (_, h) => (h < hours ? x : then));
  it("hours in band, likely and to be safe, in tally and figures", () => {
    const p = planned({ tempC: { low: flat(12, 6, 20), high: flat(24, 24, 24) } });
    expect(p.tally.inBand).toEqual({ likelyHours: 24, safeHours: 18 });
    expect(p.figures.find((f) => f.id === "day/in-band")).toMatchObject({ value: 24, low: 18, high: 24 });
    expect(p.snags.find((s) => s.rule === "day/warmth-unsure")!.sentence).toContain("12 °C, 6 hours of it under");
  });
  it("nothing where it is safe, and the likely hours alone until it is worked out", () => {
    expect(planned({}).snags.some((s) => s.rule === "day/warmth-unsure")).toBe(false);
    expect(plan(jobInput(nurseryTub())).tally.inBand).toBeNull();
    expect(plan({ ...input, days: [day] }).tally.inBand!.safeHours).toBeNull();
    expect(plan({ ...input, days: [{ ...day, sure }] }).tally.inBand!.safeHours).not.toBeNull();
  });
});
