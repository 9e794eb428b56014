import { describe, expect, it } from "vitest";
import { bareTank } from "../../tests/bareTank";
import { RESIDENT } from "../../tests/hung";
import { jobInput } from "../../tests/job";
import type { AirFit, AirRead } from "../gauge/schema";
import type { Log } from "../log/schema";
import { plan } from "../plan";
import { DAY } from "./facts";

const HOURS = 96;
const read = (rh: (h: number) => number | null, own: Partial<AirRead> = {}): AirRead => ({
  ...{ kind: "air-read", place: "warm end", from: "2026-01-05T00:00", room: null, label: { k: 1, rh: 5 } },
  tempC: Array.from({ length: HOURS }, () => 24),
  rh: Array.from({ length: HOURS }, (_, h) => rh(h)),
  ...own,
});
const fitOf = (own: Partial<AirFit> = {}): AirFit => ({
  ...{ kind: "air-fit", read: "e0", unknowns: [{ id: "draught", low: 0.5, high: 1.5, at: 0.5 }], covariance: [[0.2]] },
  ...{ wanders: { k: 0.1, rh: 0.4 }, instrument: { offK: 0, offRh: 6, driftRhPerWeek: 0, lateH: 0.1 }, driftSigmas: 0 },
  ...{ before: { k: 1, rh: 5 }, after: { k: 0.1, rh: 1 }, leftOut: [], firstHours: 0, stopped: false },
  ...own,
});
function planned(...events: (AirRead | AirFit | { kind: "taken-back"; entry: string })[]) {
  const build = bareTank();
  build.brief.residents = [{ ...structuredClone(RESIDENT), bands: { tempC: null, rh: { low: 50, high: 70 } } }];
  const log: Log = events.map((event, i) => ({ id: `e${i}`, at: `2026-01-1${i}T10:00`, event }));
  return plan({ ...jobInput(build), log });
}
const gate = (p: ReturnType<typeof planned>) => p.facts.one(DAY)!.gate;
const rule = (p: ReturnType<typeof planned>, id: string) => p.snags.find((s) => s.rule === id);
const signOf = (p: ReturnType<typeof planned>) => p.steps.find((s) => s.id === "diary/run-empty")!.passSign!;

describe("readings before the residents", () => {
  it("within their band let them in, and the diary's step says so", () => {
    const p = planned(read(() => 60));
    expect(gate(p)).toMatchObject({ passes: true, hours: HOURS, out: 0 });
    expect(rule(p, "day/gate")).toBeUndefined();
    expect(signOf(p)).toContain("96 of 96 hours within, by warm end.");
    expect(signOf(planned())).not.toContain("Read so far");
  });
  it("out of it for more than three hours of a day are a stop; three are let pass", () => {
    const out = (hours: number) => planned(read((h) => (h % 24 < hours ? 90 : 60)));
    expect(gate(out(3))!.passes).toBe(true);
    expect(rule(out(4), "day/gate")).toMatchObject({ severity: "stop" });
    expect(signOf(out(4))).toContain("80 of 96 hours within");
  });
  it("over less than three days say nothing yet", () => {
    const p = planned(read((h) => (h < 60 ? 90 : null)));
    expect(gate(p)).toMatchObject({ passes: undefined, hours: 60 });
    expect(rule(p, "day/gate")).toBeUndefined();
  });
  it("are put right by what a fit knows of the gauge, but not where it drifts; and taken back they say nothing", () => {
    expect(gate(planned(read(() => 74)))!.passes).toBe(false);
    expect(
      gate(
        planned(
          read(() => 74),
          fitOf(),
        ),
      )!.passes,
    ).toBe(true);
    const drifting = planned(
      read(() => 74),
      fitOf({ driftSigmas: 5, instrument: { ...fitOf().instrument, driftRhPerWeek: 4 } }),
    );
    expect(gate(drifting)!.passes).toBe(false);
    expect(rule(drifting, "day/gauge-drifts")!.sentence).toContain("4 % rh a week, upwards");
    const back = planned(
      read(() => 74),
      fitOf(),
      { kind: "taken-back", entry: "e0" },
    );
    expect(gate(back)).toBeNull();
    expect(back.facts.one(DAY)!.fitted).toBeNull();
  });
});

describe("a fit in the log", () => {
  it("turns the day that is asked, and stands in the working as the builder's own", () => {
    const [before, after] = [
      planned(),
      planned(
        read(() => 60),
        fitOf({ unknowns: [{ id: "walls", low: 0.85, high: 1.2, at: 1 }] }),
      ),
    ];
    const wall = (p: typeof before) => p.facts.one(DAY)!.ask.input.walls[0]!.uWPerM2K;
    expect(wall(after) / wall(before)).toBeCloseTo(1.115, 2);
    // Fitted again it begins where it began: at the design as nobody had measured it.
    expect(after.facts.one(DAY)!.designed).toEqual(before.facts.one(DAY)!.designed);
    const { unknowns, covariance } = after.facts.one(DAY)!.ask.doubt;
    const at = unknowns.findIndex((u) => u.id === "walls");
    expect([unknowns[at]!.at, covariance![at]![at]]).toEqual([1, 0.2]);
    // What it does not tell of stays as it was taken.
    const other = unknowns.findIndex((u) => u.id === "films");
    expect([unknowns[other]!.at, covariance![other]![other], covariance![other]![at]]).toEqual([0, 1, 0]);
    expect(after.facts.one(DAY)!.fitted).toMatchObject({ entries: HOURS });
  });
  it("says nothing of the room in another week", () => {
    const p = planned(
      read(() => 60),
      fitOf({ unknowns: [{ id: "roomTemp", low: -4, high: 4, at: 1.5 }] }),
    );
    const { input, doubt } = p.facts.one(DAY)!.ask;
    expect(input.room).toEqual(planned().facts.one(DAY)!.ask.input.room);
    const at = doubt.unknowns.findIndex((u) => u.id === "roomTemp");
    expect([doubt.unknowns[at]!.at, doubt.covariance![at]![at]]).toEqual([0, 1]);
  });
});
