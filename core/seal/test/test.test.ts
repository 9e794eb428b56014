import { describe, expect, it } from "vitest";
import { haberdasher } from "../../../demo/builds";
import { simulateTest } from "../../../standins/waterGauge";
import { dividerOf } from "../../../tests/inside";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import type { Log, LogEntry } from "../../log/schema";
import { plan } from "../../plan";
import { sealedAs } from "./sealedAs";

const wet = (): Build => {
  const build = haberdasher();
  chosenVariant(build).seal.standingWater = statedMm(90);
  return build;
};
const planned = (build: Build, log: Log) => plan({ ...jobInput(build), log });

interface Run {
  levelMm?: number;
  pan?: boolean;
  hours?: number;
  leak?: number;
  papers?: "dry" | "wet" | null;
  end?: boolean;
}
/** A test read every four hours, as the log holds it. */
function logOf(
  build: Build,
  { levelMm = 110, pan = true, hours = 96, leak = 0, papers = "dry", end = true }: Run,
): Log {
  let n = 0;
  const entry = (at: string, event: LogEntry["event"]): LogEntry => ({ id: `e${n++}`, at, event });
  const drawn = simulateTest({
    ...{ startAt: "2026-03-02T10:00:00Z", hours, everyHours: 4, levelMm, leakMmPerDay: leak, seed: 3 },
    ...{ evaporationMmPerDay: 1.6, panShare: 1, readingErrorMm: 0.05 },
  });
  const begun: LogEntry["event"] = {
    kind: "test-begun",
    ...{ test: "t1", levelMm, pan, mismatch: 0.1, readingErrorMm: 0.2, dressed: false },
    sealed: sealedAs(planned(build, []).site),
  };
  const last = drawn.readings.at(-1)!.at.slice(0, 16);
  return [
    entry("2026-03-02T08:00", begun),
    ...drawn.readings.map((r, i) =>
      entry(r.at.slice(0, 16), {
        kind: "test-read",
        test: "t1",
        levelMm: r.levelMm,
        panMm: pan ? drawn.control.readings[i]!.levelMm : null,
        readAt: null,
      }),
    ),
    ...(papers ? [entry(last, { kind: "papers-looked", test: "t1", found: papers })] : []),
    ...(end ? [entry(last, { kind: "test-ended", test: "t1" })] : []),
  ];
}
const stands = (run: Run, more: LogEntry["event"][] = [], change: (b: Build) => void = () => {}) => {
  const build = wet();
  const log = logOf(build, run);
  more.forEach((event, i) => {
    log.push({ id: `m${i}`, at: "2026-03-20T09:00", event });
  });
  change(build);
  const p = planned(build, log);
  return { ...p.test, snags: p.snags.filter((s) => s.subject === "water-test") };
};

describe("a water test by the log", () => {
  it("passes with level, hours, pan and dry papers: tested before dressing", () => {
    const { status, lacks, snags } = stands({});
    expect([status, lacks, snags]).toEqual(["testedBeforeDressing", [], []]);
  });
  it("is untested without one, running while it runs", () => {
    expect(planned(wet(), []).test.status).toBe("untested");
    expect(stands({ end: false }).status).toBe("running");
  });
  it("at half depth is no pass", () => {
    const { status, snags } = stands({ levelMm: 55 });
    expect([status, snags[0]!.rule, snags[0]!.severity]).toEqual(["untested", "seal/no-pass", "stop"]);
    expect(snags[0]!.sentence).toMatch(/highest line, 90 mm: it was filled to 55 mm/);
  });
  it("without a pan is no pass, gross at best", () => {
    const { status, snags } = stands({ pan: false });
    expect([status, snags[0]!.rule]).toEqual(["grossTested", "seal/no-pass"]);
    expect(snags[0]!.sentence).toMatch(/open pan inside/);
  });
  it("of a few hours is gross at best, and of unseen papers none", () => {
    expect(stands({ hours: 8 }).status).toBe("grossTested");
    expect(stands({ papers: null }).status).toBe("untested");
  });
  it("leaks by its papers or by its levels, and says what to do", () => {
    expect(stands({ papers: "wet", end: false }).snags[0]!.rule).toBe("seal/leaks");
    const { status, snags } = stands({ leak: 4, end: false });
    expect([status, snags[0]!.severity]).toEqual(["leaks", "stop"]);
    expect(snags[0]!.reason).toMatch(/cut the old silicone out.*test again/);
  });
  it("that leaks puts its mending into the diary before the next one", () => {
    const build = wet();
    const p = planned(build, logOf(build, { leak: 4, end: false }));
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    expect(at("seal/repair-cut").startAt).toBeGreaterThanOrEqual(at("seal/repair-dry").readyAt);
    expect(at("seal/bead").startAt).toBeGreaterThanOrEqual(at("seal/repair-cut").readyAt);
    expect(at("seal/water-test").startAt).toBeGreaterThanOrEqual(at("seal/bead").readyAt);
    expect(planned(build, []).steps.some((s) => s.id === "seal/repair-dry")).toBe(false);
  });
  it("tests a watertight divider one side dry, after the base and before the airing", () => {
    const build = wet();
    chosenVariant(build).dividers.push(dividerOf({ id: "pool", name: "Pool wall", height: statedMm(110) }));
    const p = planned(build, []);
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    expect(at("seal/divider-test/pool").startAt).toBeGreaterThanOrEqual(at("seal/water-test").readyAt);
    expect(at("seal/air-out").startAt).toBeGreaterThanOrEqual(at("seal/divider-test/pool").readyAt);
  });
  it.each(["carried", "drilled", "resealed"] as const)("is dropped when the base is %s", (how) => {
    const { status, snags } = stands({}, [{ kind: "base-disturbed", how }]);
    expect([status, snags[0]!.rule]).toEqual(["untested", "seal/test-dropped"]);
  });
  it("is kept by turning over, and asks for a last look", () => {
    const { status, why } = stands({}, [{ kind: "base-disturbed", how: "turned" }]);
    expect([status, why]).toEqual(["testedBeforeDressing", expect.stringMatching(/look once more, upright/)]);
  });
  it("is dropped by a hole planned afterwards", () => {
    const { status, snags } = stands({}, [], (build) => {
      const { features } = chosenVariant(build);
      features.push({
        ...structuredClone(features.find((f) => f.kind === "port") ?? features[0]!),
        id: "drilled-later",
        kind: "port",
        origin: "made",
        use: "drain",
        bore: statedMm(25),
        gap: statedMm(0),
        tube: null,
      } as (typeof features)[number]);
    });
    expect([status, snags[0]!.rule, snags[0]!.sentence]).toEqual([
      "untested",
      "seal/test-dropped",
      expect.stringMatching(/openings are planned otherwise/),
    ]);
  });
  it("is kept when the background is planned over it, dropped when a sealing coat is", () => {
    const coat = (...layers: ("foamPond" | "rubberBrush")[]) =>
      stands({}, [], (build) => {
        const { stacks } = chosenVariant(build).seal;
        stacks[0]!.layers.push(...layers.map((id) => ({ id: id.toLowerCase(), layer: id, coats: null, damp: false })));
      }).status;
    expect(coat("foamPond")).toBe("testedBeforeDressing");
    expect(coat("rubberBrush")).toBe("untested");
  });
  it("explains readings it cannot judge, keeps them, and loses nothing taken back", () => {
    const build = wet();
    const log = logOf(build, { end: false, hours: 12 });
    log.push({
      id: "refill",
      at: "2026-03-03T09:00",
      event: { kind: "test-read", test: "t1", levelMm: 140, panMm: 50, readAt: null },
    });
    const { test } = planned(build, log);
    expect([test.fault, test.readings.length]).toEqual([expect.stringMatching(/refilled/), 5]);
    log.push({ id: "back", at: "2026-03-03T09:01", event: { kind: "taken-back", entry: "refill" } });
    expect(planned(build, log).test).toMatchObject({ fault: undefined, readings: { length: 4 } });
  });
  it("says how much water it takes, by mensuration", () => {
    const p = planned(wet(), []);
    const litres = p.figures.find((f) => f.id === "seal/test-litres")!;
    const [level, area] = litres.inputs;
    // The tray's walls are plumb, and its own base of 6 mm is no water: surface times level over it.
    expect(litres.value).toBeCloseTo((level!.value - 6) * area!.value, 6);
    // Inside of 1062 × 512: panes of 6 mm off the 1074 × 524 that the cabinet gives it.
    expect(area!.value).toBeCloseTo(
      p.shell.tray!.widthMm * p.shell.tray!.depthMm * 1e-6 -
        2 * 6e-3 * (p.shell.tray!.widthMm + p.shell.tray!.depthMm) * 1e-3 +
        4 * 36e-6,
      6,
    );
    expect(p.figures.find((f) => f.id === "seal/test-kg")!.value).toBeCloseTo(litres.value * 0.998, 0);
  });
});
