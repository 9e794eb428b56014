import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds, haberdasher } from "../../demo/builds";
import { atBench, partOf, SAID } from "../../tests/atBench";
import { jobInput } from "../../tests/job";
import { allBought } from "../buying/boughtEvent";
import { formatLocal, parseLocal } from "../design/localTime";
import type { LogEntry } from "../log/schema";
import { type Plan, plan } from "../plan";
import { emptyStock, type Stock } from "../stock/schema";
import { closingStands } from "./closing/standing";
import { doneEvent, usesOf } from "./done";
import { pastWork } from "./past";
import { stepsStanding } from "./standing";
import { stepTakes, stillNeeded } from "./use";
import { clocksOf, heldBack, stepsNow, waitsOf } from "./view";
import { coldFactor } from "./warmth";

const cabinet = (stock: Stock = emptyStock()) => atBench({ ...jobInput(haberdasher()), stock });
const COAT = "seal/back/varnish-1-1";

describe("steps by the log", () => {
  it("are begun, broken off, gone on with and done; minutes of the clock add up", () => {
    const entries = (
      [
        ["09:00", { kind: "step-begun", step: "a" }],
        ["09:20", { kind: "step-left", step: "a", because: "dinner" }],
        ["10:00", { kind: "step-begun", step: "a" }],
      ] as const
    ).map(([at, event], i): LogEntry => ({ id: `${i}`, at: `2026-01-05T${at}`, event }));
    expect(stepsStanding(entries).get("a")).toMatchObject({ state: "begun", spentMinutes: 20 });
    expect(stepsStanding(entries.slice(0, 2)).get("a")).toMatchObject({ state: "left", spentMinutes: 20 });
    const back: LogEntry = { id: "9", at: "2026-01-05T10:01", event: { kind: "taken-back", entry: "2" } };
    expect(stepsStanding([...entries, back]).get("a")).toMatchObject({ state: "left" });
    const again: LogEntry = { id: "8", at: "2026-01-05T10:01", event: { kind: "step-again", step: "a", because: "" } };
    expect(stepsStanding([...entries, again]).has("a")).toBe(false);
  });

  it("leave the diary once they are done; what waits for one waits for its clock, a late start moves it", () => {
    const bench = cabinet();
    const before = bench.planned();
    const late = parseLocal(jobInput().now)! + 3 * 1440;
    bench.done(COAT, {}, formatLocal(late));
    const after = bench.planned();
    expect(after.diary.entries.some((e) => e.stepId === COAT)).toBe(false);
    expect(after.diary.done).toEqual([
      expect.objectContaining({ stepId: COAT, plannedMinutes: expect.closeTo(20, -1), minutes: 30, planned: true }),
    ]);
    const step = before.steps.find((s) => s.id === COAT)!;
    const next = after.steps.find((s) => s.after.some((a) => a.id === COAT))!;
    const entry = after.diary.entries.find((e) => e.stepId === next.id)!;
    expect(entry.startAt).toBeGreaterThanOrEqual(late + step.waitMinutes);
  });

  it("wait longer in a cold room, and no shorter in a warm one", () => {
    expect([20, 25, 10, null].map((c) => coldFactor(c))).toEqual([1, 1, 2, 1]);
    const [warm, cold] = [cabinet(), cabinet()];
    warm.done(COAT, { roomC: 21 });
    cold.done(COAT, { roomC: 15 });
    const clock = (b: typeof warm) => {
      const p = b.planned();
      return clocksOf(partOf(p), parseLocal(jobInput().now)!)[0]!;
    };
    expect(clock(warm).factor).toBe(1);
    expect(clock(cold).readyAt - clock(cold).from).toBeCloseTo(180 * Math.SQRT2, 6);
    expect(clock(warm).marks.map((m) => m.cure)).toEqual(["hold", "handle", "recoat", "wet", "safe"]);
  });

  it("hold the shell as it lies until they have set", () => {
    const bench = cabinet();
    bench.done("seal/bead");
    const p = bench.planned();
    const now = parseLocal(jobInput().now)!;
    const can = stepsNow(partOf(p), now);
    expect(can.every((s) => !s.posture || s.posture === "upright")).toBe(true);
    expect(
      p.diary.entries.filter((e) => p.steps.find((s) => s.id === e.stepId)!.posture === "onBack")[0]!.startAt,
    ).toBeGreaterThanOrEqual(p.stands.get("seal/bead")!.readyAt!);
  });

  it("say what they wait for, and what waits for them", () => {
    const p = cabinet().planned();
    const of = partOf(p);
    const now = parseLocal(jobInput().now)!;
    const second = p.steps.find((s) => s.id === "seal/back/varnish-1-2")!;
    expect(waitsOf(second, of, now)).toEqual([expect.objectContaining({ id: COAT, state: "open" })]);
    expect(heldBack(COAT, of).map((h) => h.title)).toContain(second.title);
    const bench = cabinet();
    bench.done(COAT);
    expect(waitsOf(second, partOf(bench.planned()), now + 60)).toMatchObject([{ state: "setting" }]);
    expect(waitsOf(second, partOf(bench.planned()), now + 181)).toMatchObject([{ state: "over" }]);
    // Done before its time it is kept, and says so.
    const event = doneEvent(second.id, of, SAID, now)!;
    expect(event.before).toEqual([p.steps.find((s) => s.id === COAT)!.title]);
  });

  it("are kept once: done again they are refused, until that is taken back or is to be done again", () => {
    const bench = cabinet();
    const id = bench.done(COAT);
    expect(() => bench.done(COAT)).toThrow(/done already, since .* not kept twice/);
    bench.say({ kind: "taken-back", entry: id });
    bench.done(COAT);
    bench.say({ kind: "step-again", step: COAT, because: "runs" });
    bench.done(COAT);
  });
});

describe("what is used and bought", () => {
  const silicone = (amount: number): Stock => ({
    offcuts: [],
    onHand: [
      { material: "silicone-neutral", amount: 60, note: "opened", since: "2025-01" },
      { material: "silicone-neutral", amount, note: "new", since: "2025-12" },
    ],
  });

  it("comes off the shelf, the oldest first, and goes back whole", () => {
    const stock = silicone(310);
    const bench = cabinet(stock);
    const entry = bench.done("seal/bead", { used: [{ material: "silicone-neutral", amount: 100 }] });
    expect(bench.stock().onHand.map((r) => r.amount)).toEqual([0, 270]);
    bench.say({ kind: "taken-back", entry });
    expect(bench.stock()).toEqual(stock);
  });

  it("is kept where it is more than the shelf had", () => {
    const bench = cabinet(silicone(10));
    const entry = bench.done("seal/bead", { used: [{ material: "silicone-neutral", amount: 500 }] });
    expect(bench.stock().onHand.map((r) => r.amount)).toEqual([0, 0]);
    expect(bench.planned().bought.usedOf.get("silicone-neutral")).toBe(500);
    bench.say({ kind: "taken-back", entry });
    expect(bench.stock()).toEqual(silicone(10));
  });

  it("shares a supply among the steps that use it, and leaves what steps to come still need", () => {
    const p = cabinet().planned();
    const varnish = p.supplies.filter((s) => s.materialId === "water-varnish");
    const all = p.steps
      .flatMap((s) => stepTakes(s, p.steps, p.supplies))
      .filter((u) => u.materialId === "water-varnish");
    expect(all.reduce((a, u) => a + u.likely, 0)).toBeCloseTo(
      varnish.reduce((a, s) => a + s.likely, 0),
      6,
    );
    const left = stillNeeded(p.supplies, p.steps, stepsStanding([]));
    expect(left).toEqual(p.supplies);
  });

  it("moves the list: bought lies on the shelf, used is no longer needed, and all of it can be undone", () => {
    const bench = cabinet();
    const line = () => bench.planned().buying.lines.find((l) => l.materialId === "water-varnish")!;
    const before = line();
    const { pack, count } = before.likely[0]!;
    const bought = bench.say({
      ...{ kind: "bought", line: before.id, material: before.materialId, name: before.label, shelf: true },
      packs: [{ pack: pack.id, name: pack.name, count, content: pack.content }],
      priceMinor: 1800,
    });
    expect(line()).toMatchObject({ likely: [], bought: `${count} × ${pack.name}` });
    expect(bench.planned().buying.spentMinor).toBe(1800);
    const use = usesOf(COAT, partOf(bench.planned())).find((u) => u.materialId === "water-varnish")!;
    const done = bench.done(COAT, { used: [{ material: "water-varnish", amount: use.likely }] });
    expect(line().used).toBeDefined();
    // Planned and used alike, so what is left on the shelf is enough for what is left to do.
    expect(line().likely).toEqual([]);
    bench.say({ kind: "taken-back", entry: done });
    bench.say({ kind: "taken-back", entry: bought });
    expect(line()).toEqual(before);
    expect(bench.stock()).toEqual(emptyStock());
  });

  it("takes cut pieces off the list by their packs", () => {
    const bench = cabinet();
    const line = () => bench.planned().buying.lines.find((l) => !l.shelf && l.likely.some((p) => p.count > 0))!;
    const { id, materialId, label, likely } = line();
    bench.say({
      ...{ kind: "bought", line: id, material: materialId, name: label, shelf: false, priceMinor: null },
      packs: likely.map(({ pack, count }) => ({ pack: pack.id, name: pack.name, count, content: pack.content })),
    });
    const now = bench.planned().buying.lines.find((l) => l.id === id)!;
    expect(now.likely.every(({ count }) => count === 0)).toBe(true);
    expect(now.bought).toBeDefined();
  });
});

describe("a changed design", () => {
  const rules = (p: Plan) => p.snags.filter((s) => s.rule.startsWith("bench/")).map((s) => `${s.rule} ${s.subject}`);
  it("says what it spoils of what is done, and not where nothing has changed", () => {
    const bench = cabinet();
    const lift = bench.planned().steps.find((s) => s.id === "background/right/lift-1")!;
    bench.done(lift.id, { used: [{ material: "foam-pond", amount: 300 }] });
    expect(rules(bench.planned())).toEqual([]);
    bench.become((input) => {
      const design = structuredClone(input.design);
      design.variants[0]!.background.walls = design.variants[0]!.background.walls.filter((w) => w.face !== "right");
      return { ...input, design };
    });
    expect(rules(bench.planned())).toContain("bench/done-for-nothing background/right/lift-1");
    expect(bench.planned().diary.done[0]).toMatchObject({ planned: false, title: lift.title });
  });
  it("says where a step done would now be another", () => {
    const bench = cabinet();
    bench.done("background/right/carve");
    const was = bench.planned().steps.find((s) => s.id === "background/right/carve")!.handsOnMinutes;
    bench.become((input) => {
      const design = structuredClone(input.design);
      design.variants[0]!.background.walls.find((w) => w.face === "right")!.carveBy = "wireBrush";
      return { ...input, design };
    });
    const p = bench.planned();
    expect(p.steps.find((s) => s.id === "background/right/carve")!.handsOnMinutes).not.toBeCloseTo(was, 0);
    expect(rules(p)).toContain("bench/done-otherwise background/right/carve");
  });
});

it("tells a regret of another build where this one decides it", () => {
  const regrets = [{ id: "r1", what: "A bulkhead instead of a siphon.", stage: "seal", build: "The old one" }];
  const told = plan({ ...jobInput(haberdasher()), regrets }, undefined, true).snags.find(
    (s) => s.rule === "bench/next-time",
  )!;
  expect(told).toMatchObject({ severity: "note", stage: "seal", sentence: "A bulkhead instead of a siphon." });
  expect(told.reason).toContain("The old one");
});

it("stops where residents are in and the closing list is open, and not once it is ticked", () => {
  const bench = cabinet();
  const id = bench.planned().steps.find((s) => s.reaches?.includes("residentsIn"))!.id;
  const stops = () => bench.planned().snags.filter((s) => s.rule === "bench/closing-open");
  expect(stops()).toEqual([]);
  bench.done(id);
  expect(stops()[0]).toMatchObject({ severity: "stop", sentence: expect.stringContaining("smell") });
  for (const { key } of closingStands(bench.planned(), []))
    bench.say({ kind: "checked", check: key, passed: true, by: "", note: "" });
  expect(stops()).toEqual([]);
});

it("teaches the next build: twenty logged coats pull its rate to the builder's own, and its hours and tins follow", () => {
  const bench = cabinet();
  for (let i = 0; i < 20; i++) {
    const planned = bench.planned();
    const { startMinutes, handsOnMinutes } = planned.steps.find((s) => s.id === COAT)!;
    const use = usesOf(COAT, partOf(planned)).find((u) => u.materialId === "water-varnish")!;
    bench.done(COAT, {
      minutes: Math.round((startMinutes ?? handsOnMinutes) * (i % 2 === 0 ? 1.5 : 1.7)),
      used: [{ material: "water-varnish", amount: use.atStart * (i % 2 === 0 ? 1.9 : 2.1) }],
    });
    bench.say({ kind: "step-again", step: COAT, because: "another coat" });
  }
  const past = pastWork(bench.input().log);
  expect(past.filter((p) => p.of === "work")).toHaveLength(20);
  const fresh = jobInput(haberdasher());
  const before = plan(fresh, undefined, true);
  const after = plan({ ...fresh, past }, undefined, true);
  const coat = (p: Plan) => p.steps.find((s) => s.id === COAT)!;
  expect(coat(after).handsOnMinutes / coat(before).handsOnMinutes).toBeGreaterThan(1.5);
  expect(coat(after).handsOnMinutes / coat(before).handsOnMinutes).toBeLessThan(1.65);
  // What was planned at the starting rates stays beside it.
  expect(coat(after).startMinutes).toBe(coat(before).handsOnMinutes);
  const figure = after.figures.find((f) => f.id === "bench/rate/coat")!;
  expect(figure.inputs[0]).toMatchObject({ basis: { kind: "log", entries: 20 } });
  expect(figure.low).toBeGreaterThan(1.4);
  const varnish = (p: Plan) => p.supplies.find((s) => s.materialId === "water-varnish")!;
  expect(varnish(after).likely / varnish(before).likely).toBeCloseTo(2, 0);
  const tins = (p: Plan) =>
    p.buying.lines
      .find((l) => l.materialId === "water-varnish")!
      .likely.reduce((n, { pack, count }) => n + pack.content * count, 0);
  expect(tins(after)).toBeGreaterThan(tins(before));
  expect(after.diary.handsOnMinutes).toBeGreaterThan(before.diary.handsOnMinutes);
});

it("counts what a step took that had to be done again, beside what it took then", () => {
  const shelf = { offcuts: [], onHand: [{ material: "silicone-neutral", amount: 500, note: "" }] };
  const bench = cabinet(shelf);
  bench.done("seal/bead", { used: [{ material: "silicone-neutral", amount: 120 }] });
  bench.say({ kind: "step-again", step: "seal/bead", because: "a gap" });
  bench.done("seal/bead", { used: [{ material: "silicone-neutral", amount: 80 }] });
  const { bought } = bench.planned();
  expect(bought.usedOf.get("silicone-neutral")).toBe(200);
  expect(bought.tookOf.get("silicone-neutral")).toBe(200);
  expect(bench.stock().onHand[0]!.amount).toBe(300);
});

it("keeps the cost of the whole build where it was, whatever is bought and used of it", () => {
  const bench = cabinet();
  const cost = () => bench.planned().tally.costLikelyMinor;
  const before = cost();
  for (const event of allBought(bench.planned().buying.lines)) bench.say(event);
  expect(bench.planned().buying.likelyMinor).toBe(0);
  expect(cost()).toBe(before);
  const use = usesOf(COAT, partOf(bench.planned())).map((u) => ({ material: u.materialId, amount: u.atStart }));
  bench.done(COAT, { used: use });
  expect(cost()).toBe(before);
});

it("goes through every demo build's diary to its end, and nothing is spoiled; undone, all is as before", () => {
  fc.assert(
    fc.property(fc.constantFrom(...demoBuilds()), fc.nat(1000), (build, pick) => {
      const bench = atBench({ ...jobInput(build), stock: emptyStock() });
      const before = bench.planned();
      const ids = before.diary.entries.map((e) => e.stepId);
      const some = ids.slice(0, 1 + (pick % ids.length));
      const of = partOf(before);
      const entries = some.map((id) => bench.say(doneEvent(id, of, { ...SAID, minutes: null }, 0)!));
      const after = bench.planned();
      const isIn = before.steps.some((s) => some.includes(s.id) && s.reaches?.includes("residentsIn"));
      expect(after.snags.filter((s) => s.rule.startsWith("bench/")).map((s) => s.rule)).toEqual(
        isIn ? ["bench/closing-open"] : [],
      );
      expect(after.diary.entries.map((e) => e.stepId).sort()).toEqual(ids.filter((id) => !some.includes(id)).sort());
      for (const entry of entries.reverse()) bench.say({ kind: "taken-back", entry });
      const undone = bench.planned();
      expect(undone.diary.entries).toEqual(before.diary.entries);
      expect(undone.buying.lines).toEqual(before.buying.lines);
      expect(bench.stock()).toEqual(emptyStock());
    }),
    { numRuns: 12 },
  );
});
