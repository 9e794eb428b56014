import { describe, expect, it } from "vitest";
import { pressed, snagOf } from "../../tests/bareTank";
import { put } from "../../tests/hung";
import { dividerOf, poolOf } from "../../tests/inside";
import { planned, tankOf } from "../../tests/tankOf";
import { statedMm } from "../design/measure";
import type { Build, Variant } from "../document/schema";
import { newStream } from "./create";
import { flowAt, frictionFactor, lipWords, lostMm } from "./flow";
import type { Stream } from "./schema";

const plain = (value: number) => ({ typed: String(value), value, how: "stated" as const });

describe("flow through a smooth tube", () => {
  it("has Blasius' factor over Re 4000 and 64/Re under 2000 (published: 0.03164 at 10 000; 0.064 at 1000)", () => {
    expect(frictionFactor(10_000)).toBeCloseTo(0.0316, 4);
    expect(frictionFactor(1000)).toBeCloseTo(0.064, 6);
    // Between them the larger of the two.
    expect(frictionFactor(3000)).toBeCloseTo(Math.max(64 / 3000, 0.316 * 3000 ** -0.25), 9);
  });
  it("loses by Darcy and Weisbach what is worked by hand: 600 L/h through 2 m of 12 mm", () => {
    // v = 600/3.6e6 / (π/4 · 0.012²) = 1.4737 m/s; Re = 17 684; f = 0.02740; h = f·(2/0.012)·v²/2g = 0.5057 m.
    expect(lostMm(600, { boreMm: 12, lengthMm: 2000 })).toBeCloseTo(505.7, 0);
    // Laminar: 20 L/h through 1 m of 8 mm: v = 0.1105, Re = 884, f = 0.07239, h = 5.63 mm.
    expect(lostMm(20, { boreMm: 8, lengthMm: 1000 })).toBeCloseTo(5.63, 1);
  });
  it("meets the label's line: with a wide tube half the head gives half the flow, and over it nothing", () => {
    const pump = { litresPerHour: 600, headMm: 1000 };
    const wide = { boreMm: 40, lengthMm: 500 };
    expect(flowAt(pump, 500, wide)).toBeCloseTo(300, 0);
    expect(flowAt(pump, 1000, wide)).toBe(0);
    const thin = flowAt(pump, 500, { boreMm: 8, lengthMm: 1500 });
    expect(thin).toBeLessThan(300);
    // What the pump lifts at that flow is the lift and the loss.
    expect(1000 * (1 - thin / 600)).toBeCloseTo(500 + lostMm(thin, { boreMm: 8, lengthMm: 1500 }), 3);
  });
  it("trickles, clings and falls by litres a minute for each 100 mm (common practice, no source)", () => {
    expect([0.1, 0.3, 2, 6, 20].map(lipWords)).toEqual([
      "it drips",
      "it trickles",
      "it clings to what is below",
      "it falls free, as a sheet",
      "it shoots over, and splashes",
    ]);
  });
});

/** A tank of 600 × 300 inside, a pool of its right 300 × 300 behind glass 100 high, water at 60. */
const running = (own: Partial<Stream>, more?: (v: Variant) => void) =>
  tankOf({ lengthMm: 612, widthMm: 312, heightMm: 400, glassMm: 6 }, (v) => {
    v.seal.standingWater = statedMm(60);
    v.dividers = [
      dividerOf({ line: { from: { on: "front", at: statedMm(300) }, to: { on: "back", at: statedMm(300) } } }),
    ];
    v.vessels = [poolOf({ zone: "d:b", wayOut: "stones" })];
    v.streams = [
      {
        ...newStream("fall", "Fall", "pump"),
        ...{ tubeBore: statedMm(12), awayDays: plain(2) },
        ...own,
      },
    ];
    put(v, "waterPump", "pump", { flow: plain(300), head: statedMm(600) });
    more?.(v);
  });

describe("water that is pumped", () => {
  it("is reckoned by hand: what falls back, how far it raises the pool, and the days it lasts", () => {
    const p = planned(running({ transit: plain(900) }));
    const figure = (id: string) => p.figures.find((f) => f.id === `streams/fall/${id}`)!;
    expect(figure("back").value).toBeCloseTo(0.9, 9);
    // 297 × 300 of pool.
    expect(figure("back").inputs[0]!.value).toBeCloseTo(0.9 / (0.297 * 0.3), 6);
    // 60 of water over 30 that it needs, 3 mm a day.
    expect(figure("days").value).toBeCloseTo(10, 9);
    expect(figure("top-up").value).toBeCloseTo(0.297 * 0.3 * 3 * 7, 6);
  });
  it("runs over when it stops, which less water cures; and does not with less on its way", () => {
    const over = running({ transit: plain(5000), needs: statedMm(20), intake: statedMm(5) });
    const { snag, left } = pressed(over, "streams/overflows");
    expect(snag.sentence).toContain("held to 100 mm");
    expect(left).toBeUndefined();
    expect(snagOf(running({ transit: plain(900) }), "streams/overflows")).toBeUndefined();
  });
  it("stands too dry, or draws air while nobody is there, which more water cures", () => {
    expect(pressed(running({ needs: statedMm(70) }), "streams/pump-dry")).toMatchObject({
      label: "Let the water stand 70 mm",
      left: undefined,
    });
    // 30 mm at 6 a day are 5 days: four away are no trouble, six are.
    expect(snagOf(running({ awayDays: plain(4) }), "streams/dry-while-away")).toBeUndefined();
    const away = pressed(running({ awayDays: plain(6) }), "streams/dry-while-away");
    expect([away.label, away.left]).toEqual(["Let the water stand 66 mm", undefined]);
  });
  it("does not reach its lip, has no pool, or no label", () => {
    expect(pressed(running({ lift: statedMm(700) }), "streams/does-not-reach").left).toBeUndefined();
    expect(pressed(running({ pump: null }), "streams/no-pump")).toMatchObject({
      label: "Run it off pump",
      left: undefined,
    });
    expect(snagOf(running({}), "streams/no-pump")).toBeUndefined();
    const unread = running({}, (v) => {
      v.fixtures = v.fixtures.map((f) => ({ ...f, flow: null }) as typeof f);
    });
    expect(snagOf(unread, "streams/label-unknown")!.sentence).toContain("most flow and most head are not typed");
    expect(snagOf(running({}), "streams/label-unknown")).toBeUndefined();
    expect(pressed(running({ pump: "gone" }), "streams/pump-gone").left).toBeUndefined();
    const none = running({}, (v) => {
      v.vessels = [];
    });
    expect(pressed(none, "streams/no-pool").left).toBeUndefined();
  });
  it("is bought and run: a pump, its hose, a day before animals", () => {
    const p = planned(running({}));
    const pumps = (build: Build) =>
      planned(build)
        .supplies.filter((s) => s.materialId === "water-pump")
        .map((s) => [s.id, s.likely]);
    // Once, by whoever has it: the fixtures, or the stream while it has no pump yet.
    expect(pumps(running({}))).toEqual([["fixtures/water-pump", 1]]);
    const bare = running({ pump: null }, (v) => {
      v.fixtures = [];
    });
    expect(pumps(bare)).toEqual([["streams/water-pump", 1]]);
    const run = p.steps.find((s) => s.id === "streams/run")!;
    expect(run).toMatchObject({ waitMinutes: 1440, uses: ["pump-hose"] });
    expect(run.after.map((a) => a.id)).toContain("fixtures/up-pump");
    expect(planned(bare).steps.find((s) => s.id === "streams/run")).toMatchObject({
      uses: ["water-pump", "pump-hose"],
    });
  });
});
