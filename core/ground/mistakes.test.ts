import { describe, expect, it } from "vitest";
import { bareTank, planned, pressed, snagOf } from "../../tests/bareTank";
import { put } from "../../tests/hung";
import { dividerOf, poolOf } from "../../tests/inside";
import { newZone } from "../background/create";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { STARTER_RESIDENTS } from "../residents/starters";
import type { Service } from "../service/schema";
import { stackOf } from "./layers/starts";
import type { Plant } from "./schema";

const wet = (more?: (variant: Variant) => void) =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(140);
    v.seal.standingWater = statedMm(60);
    v.ground.layers = stackOf({ drain: { body: "clay", mm: 75 }, barrier: { cloth: "weedCloth", curlMm: 30 } });
    more?.(v);
  });
const plant = (own: Partial<Plant> = {}): Plant => ({
  ...{ id: "fern", name: "Fern", count: 1, pot: statedMm(90), height: statedMm(200), spread: statedMm(200) },
  ...{ where: "ground", live: true, toxic: false, by: "planted", got: "bought" },
  ...own,
});

describe("mistakes of the substrate are stopped or flagged, with the number that would be right", () => {
  it("clay lower than the pool", () => {
    const build = wet((v) => {
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
    });
    const { snag, label, left, variant } = pressed(build, "ground/land-soaked");
    expect(snag).toMatchObject({ severity: "stop", title: "Land will be soaked" });
    expect(snag.sentence).toContain("Water 60 mm, drainage layer 50 mm");
    expect([label, left]).toEqual(["Raise the drainage layer to 75 mm", undefined]);
    expect(variant.ground.layers[0]).toMatchObject({ kind: "drain", depth: { value: 75 } });
    expect(snagOf(wet(), "ground/land-soaked")).toBeUndefined();
  });
  it("is none where a pane keeps the pool apart", () => {
    const apart = wet((v) => {
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
      v.dividers = [dividerOf({ height: statedMm(90) })];
      v.vessels = [poolOf({ zone: "d:b" })];
    });
    expect(snagOf(apart, "ground/land-soaked")).toBeUndefined();
    // Foam and stone keep nothing apart.
    const foam = structuredClone(apart);
    foam.variants[0]!.dividers[0]!.layers = [{ id: "layer-1", of: "foamStone", material: null }];
    expect(snagOf(foam, "ground/land-soaked")!.severity).toBe("stop");
  });
  it("a barrier cut flush, of metal, of fleece, of one screen, or none", () => {
    const barrier = (cloth: "weedCloth" | "metalMesh" | "fleece" | "oneScreen", curlMm = 30) =>
      wet((v) => {
        v.ground.layers = stackOf({ drain: { body: "clay", mm: 75 }, barrier: { cloth, curlMm } });
      });
    expect(pressed(barrier("weedCloth", 0), "ground/no-curl")).toMatchObject({
      snag: { severity: "stop", title: "The barrier is cut flush" },
      label: "Leave 30 mm of curl",
      left: undefined,
    });
    expect(snagOf(barrier("weedCloth", 12), "ground/no-curl")!.severity).toBe("mind");
    expect(pressed(barrier("metalMesh"), "ground/barrier-kind")).toMatchObject({
      snag: { severity: "stop" },
      left: undefined,
    });
    expect(snagOf(barrier("fleece"), "ground/barrier-kind")!.severity).toBe("mind");
    expect(snagOf(barrier("oneScreen"), "ground/barrier-kind")!.severity).toBe("mind");
    const none = wet((v) => {
      v.ground.layers = stackOf({ drain: { body: "clay", mm: 75 } });
    });
    expect(pressed(none, "ground/no-barrier").left).toBeUndefined();
  });
  it("a recipe that does not sum, and one of nothing", () => {
    const mix = (...amounts: number[]) =>
      wet((v) => {
        const parts = (["coir", "bark", "moss"] as const).map((what, i) => ({ what, amount: statedMm(amounts[i]!) }));
        v.ground.layers = stackOf({ drain: { body: "clay", mm: 75 }, mix: { unit: "percent", parts, own: [] } });
      });
    const { snag, label, left, variant } = pressed(mix(25, 40, 30), "ground/does-not-sum");
    expect(snag.sentence).toBe("Its parts come to 95 of a hundred; sphagnum moss would be 35 %, not 30.");
    expect([label, left]).toEqual(["Make sphagnum moss 35 %", undefined]);
    expect(variant.ground.layers.find((l) => l.kind === "mix")!.parts[2]!.amount.value).toBe(35);
    expect(pressed(mix(80, 60, 5), "ground/does-not-sum").label).toBe("Take them as plain parts");
    expect(snagOf(mix(25, 40, 35), "ground/does-not-sum")).toBeUndefined();
    expect(pressed(mix(0, 0, 0), "ground/mix-of-nothing").left).toBeUndefined();
  });
  it("substrate above the dam, with a slope as one cure", () => {
    const build = bareTank((v) => {
      v.shell.groundDepth = statedMm(595);
    });
    expect(snagOf(build, "shell/dam-too-low")!.sentence).toContain("Substrate to 595 mm");
  });
  it("plants taller than the room, wider than their planter, and no time to root", () => {
    const build = wet((v) => {
      v.background.zones = [newZone("planter", "cup", { face: "back", u: 300, v: 400 })];
      v.ground.plants = [plant({ height: statedMm(700) }), plant({ id: "b", where: "cup", pot: statedMm(120) })];
    });
    const { snag, left } = pressed(build, "ground/outgrows");
    expect(snag.sentence).toBe("Grown it is 700 mm; in the substrate it has 460 mm.");
    expect(left).toBeUndefined();
    expect(pressed(build, "ground/pot-too-wide").left).toBeUndefined();
    expect(pressed(build, "ground/no-settling")).toMatchObject({ label: "Let it settle 4 weeks", left: undefined });
  });
  it("a drainage layer that fills with no way out, and a bulkhead without a hole", () => {
    const fills = wet((v) => {
      v.ground.misting = statedMm(800);
    });
    const { snag, left } = pressed(fills, "ground/fills-up");
    // 0.405 m² × 15 mm × 0.42 ÷ (0.8 L × 0.3) = 10.6 days.
    expect(snag.sentence).toContain("about 10 days");
    expect(left).toBeUndefined();
    const none = wet((v) => {
      v.ground.outlet = "bulkhead";
    });
    expect(pressed(none, "ground/no-drain-port").snag.severity).toBe("stop");
  });
  it("perlite under a wet skin, a film of substrate", () => {
    const frog = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "mossy-frog")!);
    const build = wet((v) => {
      const parts = [
        { what: "coir" as const, amount: statedMm(3) },
        { what: "perlite" as const, amount: statedMm(1) },
      ];
      v.ground.layers = stackOf({
        drain: { body: "clay", mm: 75 },
        barrier: { cloth: "weedCloth", curlMm: 30 },
        mix: { unit: "parts", parts, own: [] },
      });
      v.shell.groundDepth = statedMm(80);
    });
    build.brief.residents = [frog];
    expect(pressed(build, "ground/perlite").left).toBeUndefined();
    expect(pressed(build, "ground/a-film")).toMatchObject({ label: "Bring its top to 135 mm", left: undefined });
  });
});

describe("mist", () => {
  const ml = (value: number) => ({ typed: String(value), value, how: "stated" as const });
  const sprayed = (typed: number | null, flow: number | null = 80) =>
    wet((v) => {
      v.ground.misting = typed === null ? null : ml(typed);
      put(v, "mistNozzle", "left", { flow: flow === null ? null : ml(flow), times: ml(4), seconds: ml(30) });
      put(v, "mistNozzle", "right", { flow: ml(80), times: ml(4), seconds: ml(30), u: statedMm(100) });
    });
  it("is taken from the nozzles' flow and time where nobody typed it: 2 × 80 mL/min × 4 × 30 s", () => {
    const { label, left, variant } = pressed(sprayed(null), "ground/misting-unknown");
    // Misted, an untested tank fills for sure: it is taken with a way out.
    expect([label, left]).toEqual(["Take the nozzles’ 320 mL a day, and stand a siphon pipe in the layer", undefined]);
    expect(variant.ground.misting).toMatchObject({ value: 320 });
    expect(planned(sprayed(320)).figures.some((f) => f.id === "ground/days-to-fill")).toBe(true);
  });
  it("is told where what is typed is not what they give, and not where it is", () => {
    expect(pressed(sprayed(120), "ground/misting-differs").left).toBeUndefined();
    expect(snagOf(sprayed(300), "ground/misting-differs")).toBeUndefined();
  });
  it("is asked for by name where a flow is not known, and nothing is made up", () => {
    const snag = snagOf(sprayed(null, null), "ground/misting-unknown")!;
    expect(snag.sentence).toContain("The flow of left is not known");
    expect(snag.fix).toBeUndefined();
  });
});

describe("what must be reached", () => {
  const item = (own: Partial<Service> = {}): Service => ({
    ...{ id: "filter", name: "Filter", kind: "filter", width: statedMm(50), height: statedMm(60), way: "box" },
    ...{ wayWidth: statedMm(90), wayHeight: statedMm(100), plug: null, port: null },
    ...own,
  });
  const served = (own: Partial<Service>) =>
    wet((v) => {
      v.features = [
        {
          ...{ id: "port-1", name: "Pump cable", face: "back", kind: "port", origin: "made", tube: null, use: "cable" },
          ...{ bore: statedMm(12), gap: statedMm(1), u: statedMm(450), v: statedMm(300) },
        },
      ];
      v.service = [item(own)];
    });
  it("stops a filter with no way out", () => {
    expect(pressed(served({ way: "none" }), "service/no-way-out")).toMatchObject({
      snag: { severity: "stop" },
      left: undefined,
    });
    expect(planned(served({})).snags.some((s) => s.rule.startsWith("service/"))).toBe(false);
  });
  it("stops a way that is too small, either way round, and says what would do", () => {
    expect(
      pressed(served({ wayWidth: statedMm(52), wayHeight: statedMm(100) }), "service/way-too-small"),
    ).toMatchObject({
      label: "Leave 55 mm × 65 mm",
      left: undefined,
    });
    expect(
      snagOf(served({ wayWidth: statedMm(65), wayHeight: statedMm(55) }), "service/way-too-small"),
    ).toBeUndefined();
  });
  it("minds a plug that its port does not pass, and a port that is gone", () => {
    expect(pressed(served({ plug: statedMm(20), port: "port-1" }), "service/plug-too-large")).toMatchObject({
      label: "Bore the port 21 mm",
      left: undefined,
    });
    expect(pressed(served({ port: "gone" }), "service/port-gone").left).toBeUndefined();
  });
});
