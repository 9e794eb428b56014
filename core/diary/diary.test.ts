import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatLocal, parseLocal } from "../design/localTime";
import type { SettledStep } from "../ledgers/ledger";
import { findHands } from "../workshop/calendar";
import { starterWorkshop } from "../workshop/starter";
import { schedule } from "./schedule";

const { hours } = starterWorkshop();
const at = (text: string) => parseLocal(text)!;
const step = (id: string, handsOnMinutes: number, more: Partial<SettledStep> = {}): SettledStep => ({
  id,
  title: id,
  detail: "",
  stage: "shell",
  handsOnMinutes,
  waitMinutes: 0,
  after: [],
  splittable: true,
  toHand: [],
  cautions: [],
  ...more,
});
const needs = (...ids: string[]) => ids.map((id) => ({ id, because: "it must" }));

describe("the builder's own hours", () => {
  it("reads and writes local time", () => {
    expect(formatLocal(at("2026-01-05T17:00"))).toBe("2026-01-05T17:00");
    expect(formatLocal(at("2026-02-28T23:30") + 60)).toBe("2026-03-01T00:30");
  });

  it.each([
    "yesterday",
    "2026-13-45T99:99junk",
    "2026-13-01T09:00",
    "2026-02-30T09:00",
    "2026-03-02T24:00",
    "2026-03-02T09:60",
    "2026-03-02T09:00Z",
    "",
  ])("takes %j for no time", (text) => expect(parseLocal(text)).toBeUndefined());

  it("works in spans of a few minutes where the week has no longer ones", () => {
    const short = [...Array.from({ length: 6 }, () => []), [{ from: "09:00", to: "09:10" }]];
    // 2026-01-11 is a Sunday.
    expect(findHands(short, at("2026-01-05T08:00"), 25, false).map((s) => formatLocal(s.from))).toEqual([
      "2026-01-11T09:00",
      "2026-01-18T09:00",
      "2026-01-25T09:00",
    ]);
    expect(schedule([step("glue", 25)], short, at("2026-01-05T08:00"))).toHaveLength(1);
  });

  it("starts on the next free evening and breaks off at its end", () => {
    // Monday 2026-01-05: 18:30 to 21:30; four hours go on on Tuesday.
    const sessions = findHands(hours, at("2026-01-05T08:00"), 240, true);
    expect(sessions.map((s) => [formatLocal(s.from), formatLocal(s.to)])).toEqual([
      ["2026-01-05T18:30", "2026-01-05T21:30"],
      ["2026-01-06T18:30", "2026-01-06T19:30"],
    ]);
  });

  it("keeps work whole that must not be broken off, where a span is long enough", () => {
    // Ten minutes are left on Friday; two hours unbroken wait for Saturday morning.
    const [session] = findHands(hours, at("2026-01-09T21:20"), 120, false);
    expect(formatLocal(session!.from)).toBe("2026-01-10T09:00");
    // Five hours fit no span at all and are broken off like the rest.
    expect(findHands(hours, at("2026-01-05T08:00"), 300, false).length).toBeGreaterThan(1);
  });

  it("does not begin anything for the last few minutes of an evening", () => {
    const [session] = findHands(hours, at("2026-01-05T21:25"), 60, true);
    expect(formatLocal(session!.from)).toBe("2026-01-06T18:30");
  });
});

describe("the schedule", () => {
  it("fills a wait with other work, the most urgent first", () => {
    const steps = [
      step("glue", 30, { waitMinutes: 1440 }),
      step("seal", 30, { after: needs("glue") }),
      step("mesh", 30),
      step("paint", 30, { waitMinutes: 4000 }),
    ];
    const order = schedule(steps, hours, at("2026-01-05T18:00")).map((e) => e.stepId);
    expect(order).toEqual(["paint", "glue", "mesh", "seal"]);
  });

  it("keeps the shell lying while it must, and lets work that does not need it go on", () => {
    const steps = [
      step("left", 30, { posture: "onLeft", holdsPosture: true, waitMinutes: 1440 }),
      step("right", 30, { posture: "onRight", holdsPosture: true, waitMinutes: 1440 }),
      step("bench", 20),
    ];
    const entries = new Map(schedule(steps, hours, at("2026-01-05T18:00")).map((e) => [e.stepId, e]));
    expect(entries.get("right")!.startAt).toBeGreaterThanOrEqual(entries.get("left")!.readyAt);
    expect(entries.get("bench")!.startAt).toBeLessThan(entries.get("right")!.startAt);
  });

  it("answers nothing without hours, and names a circle", () => {
    expect(schedule([step("a", 10)], [[], [], [], [], [], [], []], 0)).toEqual([]);
    expect(() =>
      schedule([step("a", 1, { after: needs("b") }), step("b", 1, { after: needs("a") })], hours, 0),
    ).toThrow(/circle/);
  });

  it("always: nothing before what it needs, hands never in two places, only in the builder's hours, nothing lost", () => {
    const steps = fc
      .array(
        fc.record({
          hands: fc.integer({ min: 0, max: 400 }),
          wait: fc.constantFrom(0, 30, 1440, 5000),
          wants: fc.array(fc.nat(12), { maxLength: 3 }),
          split: fc.boolean(),
          posture: fc.constantFrom(undefined, "upright" as const, "onBack" as const),
        }),
        { minLength: 1, maxLength: 12 },
      )
      .map((list) =>
        list.map((s, i) =>
          step(`s${i}`, s.hands, {
            waitMinutes: s.wait,
            splittable: s.split,
            after: needs(...s.wants.filter((n) => n < i).map((n) => `s${n}`)),
            ...(s.posture && { posture: s.posture, holdsPosture: true }),
          }),
        ),
      );
    fc.assert(
      fc.property(steps, fc.integer({ min: 0, max: 10_000_000 }), (list, now) => {
        const entries = schedule(list, hours, now);
        const by = new Map(entries.map((e) => [e.stepId, e]));
        expect(entries).toHaveLength(list.length);
        for (const s of list) {
          const own = by.get(s.id)!;
          expect(own.startAt).toBeGreaterThanOrEqual(now);
          expect(own.sessions.reduce((sum, x) => sum + x.to - x.from, 0)).toBeCloseTo(s.handsOnMinutes, 6);
          for (const a of s.after) expect(own.startAt).toBeGreaterThanOrEqual(by.get(a.id)!.readyAt);
          for (const session of own.sessions) {
            const clock = formatLocal(session.from).slice(11);
            expect(clock >= "09:00" && clock <= "21:30").toBe(true);
          }
        }
        const busy = entries
          .flatMap((e) => e.sessions)
          .filter((s) => s.to > s.from)
          .sort((a, b) => a.from - b.from);
        for (const [i, s] of busy.slice(1).entries()) expect(s.from).toBeGreaterThanOrEqual(busy[i]!.to - 1e-6);
      }),
      { numRuns: 60 },
    );
  });
});
