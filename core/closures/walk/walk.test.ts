import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../../../tests/job";
import type { Log } from "../../log/schema";
import { plan } from "../../plan";
import { WALK } from "./facts";
import { gaugeFor } from "./gauge";

describe("a gauge", () => {
  it("is the thinnest bit that is no thinner than what a gap may be, in the build's own units", () => {
    const mm = (allowed: number) => gaugeFor(allowed, { unit: "mm" });
    expect([0.4, 1, 1.01, 7, 12.6].map((a) => mm(a).mm)).toEqual([1, 1, 1.5, 7, 13]);
    expect(mm(7).words).toBe("7 mm drill bit");
    expect(mm(20).words).toBe("20 mm rod");
    const inch = gaugeFor(1.5, { unit: "in", denominator: 16 });
    // 1.5 mm is 3.78 sixty-fourths.
    expect(inch).toEqual({ mm: 4 * (25.4 / 64), words: '1/16" drill bit' });
    expect(gaugeFor(30, { unit: "in", denominator: 16 }).words).toBe('1 3/16" rod');
  });
});

describe("the walk round", () => {
  const stopsOf = (log: Log) => plan({ ...jobInput(jobBuild()), log });
  const tried = (way: string, passed: boolean, gaugeMm = 7): Log => [
    { id: "e1", at: "2026-01-05T10:00", event: { kind: "gap-tried", way, gaugeMm, passed } },
  ];

  it("takes every gap once, with what it may be and a gauge for it", () => {
    const p = stopsOf([]);
    const stops = p.facts.one(WALK)!;
    expect(stops.map((s) => s.id).sort()).toEqual(p.audit.ways.map((w) => w.id).sort());
    for (const stop of stops)
      expect(stop).toMatchObject({ allowedMm: 7, who: "Rosy boa", gauge: { mm: 7 }, tried: null });
  });

  it("remembers how a gap was tried, until it is taken back; a thicker gauge says nothing", () => {
    const at = (log: Log) =>
      stopsOf(log)
        .facts.one(WALK)!
        .find((s) => s.id === "between")!.tried;
    expect(at(tried("between", false))).toMatchObject({ passed: false });
    expect(at(tried("between", false, 9))).toBeNull();
    expect(
      at([
        ...tried("between", false),
        { id: "e2", at: "2026-01-05T11:00", event: { kind: "taken-back", entry: "e1" } },
      ]),
    ).toBeNull();
  });

  it("stops the build where a gauge went through, whatever was computed", () => {
    const rules = (log: Log) =>
      stopsOf(log)
        .snags.filter((s) => s.rule === "front/gauge-passes")
        .map((s) => s.subject);
    expect(rules(tried("between", true))).toEqual(["between"]);
    expect(rules(tried("between", false))).toEqual([]);
  });
});
