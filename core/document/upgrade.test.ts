import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { antYard } from "../../demo/builds";
import { readBuildFile, writeBuildFile } from "../../files/buildFile";
import { jobInput } from "../../tests/job";
import { keptBuilds, planKept } from "../../tests/keptPlans";
import { expectNumbers } from "../../tests/sound";
import { SAFETY_SPLITS } from "../design/names";
import { publicPlan } from "../plan";
import type { Vessel } from "../vessels/schema";
import { vesselLitres } from "../vessels/water";
import { readBuild } from "./read";
import type { Variant } from "./schema";
import { BUILD_VERSION } from "./schema";
import { upgradeBuild } from "./upgrade";

/** The ant yard as version 1 wrote it: the tube in the shell, openings without a shape. */
const asVersion1 = (): Record<string, unknown> =>
  (JSON.parse(keptBuilds(1).find((b) => b.name === "ant-yard")!.text) as { design: Record<string, unknown> }).design;

describe("older builds", () => {
  it("of version 1 are read, and their tube is kept as a port", () => {
    const read = readBuild(asVersion1(), jobInput().book);
    if (!read.ok) throw new Error(read.message);
    const features = read.value.variants[0]!.features;
    expect(features.map((f) => [f.id, f.kind])).toEqual([
      ["lid-mesh", "mesh"],
      ["tube-1", "port"],
    ]);
    expect(features[0]).toMatchObject({ shape: "panel" });
    // The middle of a quarter of a wall 250 across: π·250/8 = 98.
    expect(features[1]).toMatchObject({
      use: "tube",
      u: { value: 98 },
      v: { value: 42 },
      tube: { run: { value: 220 } },
    });
    expect(read.value.variants[0]!.shell).not.toHaveProperty("tube");
  });

  it("keep their tube also where its name is taken", () => {
    const build = asVersion1();
    const [variant] = build.variants as { features: Record<string, unknown>[] }[];
    variant!.features[0]!.id = "tube-1";
    const read = readBuild(build, jobInput().book);
    if (!read.ok) throw new Error(read.message);
    expect(read.value.variants[0]!.features.map((f) => f.id)).toEqual(["tube-1", "tube-2"]);
  });

  it("of version 4 are read with nothing inside, and the heat mat that was kept clear is a fixture", () => {
    const { text } = keptBuilds(4).find((b) => b.name === "haberdasher-s-cabinet")!;
    const was = (JSON.parse(text) as { design: { variants: Record<string, unknown>[] } }).design;
    const read = readBuild(was, jobInput().book);
    if (!read.ok) throw new Error(read.message);
    const [variant] = read.value.variants;
    expect(variant).toMatchObject({
      background: { walls: [], zones: [] },
      ground: { layers: [], plants: [] },
      service: [],
    });
    expect(variant!.fixtures).toMatchObject([{ id: "heat-mat", kind: "heatMat", watts: null, way: null }]);
    const { stacks } = was.variants[0]!.seal as { stacks: unknown };
    expect(variant!.seal.stacks).toEqual(stacks);
  });

  it.each([1, 2, 3, 4, 5, 6, 7, 8])(
    "of version %d, as they were exported, are opened, planned and exported again",
    (version) => {
      const builds = keptBuilds(version);
      expect(builds.length).toBeGreaterThanOrEqual(6);
      for (const { name, text } of builds) {
        expect((JSON.parse(text) as { design: { version: number } }).design.version).toBe(version);
        const { input, planned } = planKept(text);
        expect(input.design.version, name).toBe(BUILD_VERSION);
        expectNumbers(publicPlan(planned));
        expect(planned.steps.length, name).toBeGreaterThan(4);
        const again = readBuildFile(JSON.parse(writeBuildFile(input)));
        expect(again, name).toEqual({ ok: true, value: input });
      }
    },
  );

  it("of version 5 say of each lock whether it is made, or that nobody knows", () => {
    const lockOf = (shell: string, closure: Record<string, unknown>) => {
      const { variants } = upgradeBuild({ version: 5, variants: [{ shell: { kind: shell }, closure }] }) as {
        variants: { closures: Record<string, unknown>[] }[];
      };
      return variants[0]!.closures;
    };
    expect(lockOf("tank", { kind: "open" })).toEqual([]);
    expect(lockOf("sheet", { kind: "slidingPair", lock: "key" })).toEqual([
      { id: "front", opening: "front", origin: "made", kind: "slidingPair", lock: { kind: "key", origin: "made" } },
    ]);
    expect(lockOf("tank", { kind: "lid", clips: 4, lock: "wedge" })).toMatchObject([
      { opening: "top", origin: "made", clips: 4, lock: { kind: "wedge", origin: "made" } },
    ]);
    expect(lockOf("cabinet", { kind: "found", lock: "wedge" })).toMatchObject([
      { opening: "front", origin: "found", lock: { kind: "wedge", origin: "unknown" } },
    ]);
    expect(lockOf("tub", { kind: "found", lock: "none" })).toMatchObject([{ opening: "top", lock: null }]);
  });

  it("of version 5 keep their decisions under words", () => {
    const decisions = ["A1", "A9", "A17", "A18", "A20", "A26"].map((row) => ({ row, school: "s", reason: "r" }));
    const { variants } = upgradeBuild({ version: 5, variants: [{ seal: { decisions } }] }) as {
      variants: { seal: { decisions: unknown[] } }[];
    };
    expect(variants[0]!.seal.decisions).toEqual(SAFETY_SPLITS.map((split) => ({ split, school: "s", reason: "r" })));
  });

  it("of version 7 keep each layer, pool, dish and divider, and what was waived of them", () => {
    const mm = (value: number) => ({ typed: String(value), value, how: "stated" });
    const [variant] = (
      upgradeBuild({
        version: 7,
        variants: [
          {
            seal: {
              dividers: [{ id: "d", name: "Pane", made: "glass", height: mm(90), watertight: true, origin: "made" }],
            },
            ground: {
              drain: { body: "clay", depth: mm(40) },
              barrier: { kind: "twoScreens", curl: mm(25) },
              charcoal: mm(10),
              mix: { unit: "parts", parts: [{ what: "coir", amount: mm(1) }] },
              litter: mm(20),
              pool: { u: mm(1), v: mm(2), width: mm(300), length: mm(200), divider: "d", wayOut: "ramp", ramp: mm(60) },
              dish: { volume: mm(300), wicked: true },
              plants: [{ id: "fern", where: "ground" }],
            },
          },
        ],
      }) as { variants: Record<string, never>[] }
    ).variants;
    const { ground, vessels, dividers } = variant as unknown as Variant;
    expect(ground.layers.map((l) => [l.id, l.kind])).toEqual([
      ["drain", "drain"],
      ["barrier", "barrier"],
      ["charcoal", "charcoal"],
      ["mix", "mix"],
      ["litter", "leaves"],
    ]);
    expect(ground.plants).toEqual([{ id: "fern", where: "ground", by: "planted", got: "bought" }]);
    // Where it stood nobody had said: its pool is behind it still.
    expect(dividers).toMatchObject([
      { id: "d", line: null, layers: [{ of: "glass", material: null }], watertight: true },
    ]);
    const [pool, dish] = vessels;
    expect(pool).toMatchObject({ kind: "pool", zone: null, divider: "d", width: { value: 300 }, ramp: { value: 60 } });
    expect(dish).toMatchObject({ kind: "dish", touches: true, width: { how: "guessed" } });
    // It holds what it held, within a twentieth: its size is a guess made from that.
    expect(Math.abs(vesselLitres(dish as Vessel) / 0.3 - 1)).toBeLessThan(0.05);
    const kept = upgradeBuild({ version: 7, variants: [], waivers: [{ rule: "ground/steep-ramp" }] }) as {
      waivers: unknown;
    };
    expect(kept.waivers).toEqual([{ rule: "vessels/steep-ramp" }]);
  });

  it("of version 8 keep lamps, mats, nozzles, probes and pumps, as fixtures, with all that was typed of them", () => {
    const mm = (value: number) => ({ typed: String(value), value, how: "stated" });
    const place = { u: mm(100), v: mm(200), origin: "made" };
    const size = { width: mm(280), height: mm(240) };
    const way = { way: "box", wayWidth: mm(90), wayHeight: mm(110), plug: mm(18), port: "cable" };
    const [variant] = (
      upgradeBuild({
        version: 8,
        variants: [
          {
            background: { walls: [{ face: "right" }], zones: [] },
            features: [
              { id: "lamp", name: "Lamp", face: "top", kind: "keepOut", use: "lamp", deep: mm(150), ...place, ...size },
              { id: "mat", name: "Mat", face: "right", kind: "keepOut", use: "heatMat", deep: null, ...place, ...size },
              { id: "pane", face: "front", kind: "keepOut", use: "window", deep: null, ...place, ...size },
              { id: "n", name: "Mist", face: "top", kind: "port", use: "nozzle", bore: mm(12), ...place },
              // The end of a nozzle that is a fixture already.
              { id: "n2", name: "Mist", face: "top", kind: "port", use: "nozzle", bore: mm(12), ...place },
            ],
            service: [
              { id: "pump", name: "Pool pump", kind: "pump", width: mm(52), height: mm(64), ...way },
              { id: "m", name: "Mat", kind: "mat", ...way, way: "outside", port: null },
              { id: "f", name: "Filter", kind: "filter", ...way },
            ],
            streams: [
              { id: "s", pump: "pump", flow: mm(300), head: mm(600) },
              { id: "t", pump: null, flow: mm(100), head: null },
            ],
            fixtures: [
              { id: "lamp", kind: "probe", name: "Probe" },
              { id: "own", kind: "mistNozzle", name: "Own", port: "n2", clear: null },
            ],
          },
        ],
      }) as { variants: Record<string, Record<string, unknown>[]>[] }
    ).variants;
    const { features, service, fixtures, streams, background } = variant!;
    expect(features!.map((f) => f.id)).toEqual(["pane", "n", "n2"]);
    expect(service!.map((s) => s.id)).toEqual(["f"]);
    // What was a fixture has no way of its own yet; the lamp's id was taken.
    expect(fixtures!.map((f) => [f.id, f.kind, f.name])).toEqual([
      ["lamp", "probe", "Probe"],
      ["own", "mistNozzle", "Own"],
      ["lamp-2", "spotLamp", "Lamp"],
      ["mat", "heatMat", "Mat"],
      ["n-nozzle", "mistNozzle", "Mist"],
      ["pump", "waterPump", "Pool pump"],
      ["t-pump", "waterPump", "Pump"],
    ]);
    expect(fixtures![2]).toMatchObject({
      u: { value: 100 },
      width: { value: 280 },
      clear: { value: 150 },
      watts: null,
    });
    expect(fixtures![3]).toMatchObject({ way: { by: "outside" }, plug: { value: 18 }, port: null, face: "right" });
    expect(fixtures![4]).toMatchObject({ port: "n", v: { value: 200 }, cone: null });
    expect(fixtures![5]).toMatchObject({
      flow: { value: 300 },
      head: { value: 600 },
      way: { by: "box" },
      port: "cable",
    });
    expect(fixtures![6]).toMatchObject({ flow: { value: 100 }, head: null });
    expect(streams).toEqual([
      { id: "s", pump: "pump" },
      { id: "t", pump: "t-pump" },
    ]);
    expect((background as unknown as { zones: unknown[] }).zones).toMatchObject([
      { id: "mat", kind: "bare", face: "right", width: { value: 280 } },
    ]);
  });

  it("of version 8 hang nothing twice: a clearance kept for a lamp that was a fixture already is that lamp's", () => {
    const mm = (value: number) => ({ typed: String(value), value, how: "stated" });
    const kept = { kind: "keepOut", use: "lamp", face: "top", width: mm(200), height: mm(200), deep: mm(180) };
    const { variants } = upgradeBuild({
      version: 8,
      variants: [
        {
          features: [{ id: "k", name: "Lamp", u: mm(300), v: mm(200), ...kept }],
          fixtures: [{ id: "own", kind: "spotLamp", name: "Own", face: "top", u: mm(340), v: mm(160), clear: null }],
        },
      ],
    }) as { variants: { features: unknown[]; fixtures: unknown[] }[] };
    expect(variants[0]!.features).toEqual([]);
    expect(variants[0]!.fixtures).toMatchObject([{ id: "own", clear: { value: 180 } }]);
  });

  it("are brought up in their own version's terms: what an upgrade writes is its own, not today's", () => {
    const written = upgradeBuild({ version: 4, variants: [{}] }) as { variants: unknown[] };
    expect(written.variants[0]).toEqual({
      features: [],
      closures: [],
      // Version 7's: an older document has no gap that was measured, and nothing that closes one; its shell is not known.
      ...{ gaps: [], cures: [], shell: {} },
      seal: { decisions: [] },
      background: { walls: [], zones: [], swatches: [] },
      ground: {
        ...{ front: null, layers: [], misting: null, lost: null, outlet: "none", plants: [] },
        quarantineDays: { typed: "30", value: 30, how: "stated" },
        ...{ roots: "strip", wild: "bought", crew: "before" },
        settleWeeks: { typed: "0", value: 0, how: "stated" },
      },
      ...{ dividers: [], vessels: [], boxes: [], streams: [] },
      service: [],
      // Version 9's: nothing hung as anything else.
      fixtures: [],
    });
    // Nothing of today's design is imported by any of them but types, and what a step says of measures.
    const folder = new URL("./upgrades/", import.meta.url);
    for (const file of readdirSync(folder)) {
      const imports = readFileSync(new URL(file, folder), "utf8").match(/^import .*$/gm) ?? [];
      expect(
        imports.filter((line) => !/^import type |from "\.\/plain";$/.test(line)),
        file,
      ).toEqual([]);
    }
  });

  it("of this version, and what is no build, are left as they are", () => {
    const build = antYard();
    expect(upgradeBuild(build)).toBe(build);
    for (const odd of [null, 7, [], { version: "1" }, { version: 0 }]) expect(upgradeBuild(odd)).toBe(odd);
  });
});
