import { describe, expect, it } from "vitest";
import { bareTank, plainWall, planned, pressed, snagOf } from "../../tests/bareTank";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { STARTER_RESIDENTS } from "../residents/starters";
import { newZone } from "./create";
import type { Wall, Zone } from "./schema";

const walled = (own: Partial<Wall> = {}, more?: (variant: Variant) => void) =>
  bareTank((v) => {
    v.background.walls = [plainWall("back", own)];
    more?.(v);
  });
const zoned = (zone: Zone, more?: (variant: Variant) => void) =>
  walled({}, (v) => {
    v.background.zones = [zone];
    more?.(v);
  });
const at = { face: "back", u: 450, v: 300 } as const;
const keepOut = (use: "window" | "doorSwing", face: "back" | "top", deep: number | null, u = 450, v = 300) => ({
  ...{
    id: use.toLowerCase(),
    name: use.toLowerCase(),
    face,
    kind: "keepOut" as const,
    origin: "made" as const,
    use,
    deep: deep === null ? null : statedMm(deep),
  },
  ...{ width: statedMm(200), height: statedMm(150), u: statedMm(u), v: statedMm(v) },
});

describe("mistakes on a wall are stopped or flagged, and the fix clears them", () => {
  it("foam before the water test", () => {
    const build = walled({ up: true }, (v) => {
      v.seal.standingWater = statedMm(60);
    });
    const { snag, left } = pressed(build, "background/before-the-test");
    expect(snag).toMatchObject({ severity: "stop", subject: "back", title: "Covered before the water test" });
    expect(left).toBeUndefined();
    // Planned only, it waits for the test in the diary.
    const waiting = walled({}, (v) => {
      v.seal.standingWater = statedMm(60);
    });
    expect(snagOf(waiting, "background/test-first")!.severity).toBe("note");
    const entries = new Map(planned(waiting).diary.entries.map((e) => [e.stepId, e]));
    expect(entries.get("background/back/lift-1")!.startAt).toBeGreaterThanOrEqual(
      entries.get("seal/water-test")!.readyAt,
    );
  });
  it("silicone on foam skin", () => {
    const { snag, label, variant, left } = pressed(walled({ skinOff: false }), "background/bond");
    expect([snag.subject, snag.severity]).toEqual(["back/foampond", "mind"]);
    expect(label).toBe("Rough silicone dabs under it");
    expect(left).toBeUndefined();
    expect(variant.seal.stacks[0]!.layers[0]!.layer).toBe("siliconeDabs");
    const skin = planned(walled({ skinOff: false, buildUp: "panels" })).snags.find(
      (s) => s.subject === "back/siliconefibre",
    )!;
    expect(skin).toMatchObject({ severity: "mind", fix: { label: "Take the skin off first" } });
    expect(skin.reason).toMatch(/glossy skin/);
  });
  it("damp fibre with silicone; with PU glue it is none", () => {
    const damp = (finish: Wall["finish"]) =>
      planned(walled({ damp: true, finish, buildUp: "panels" })).snags.find(
        (s) => s.rule === "background/bond" && s.severity === "stop",
      );
    expect(damp("siliconeFibre")).toMatchObject({ fix: { label: "Dry the fibre first" } });
    expect(damp("puGlueFibre")).toBeUndefined();
  });
  it("foam over a window, a port", () => {
    const window = zoned(newZone("foam", "foam-1", at), (v) => {
      v.features = [keepOut("window", "back", null)];
    });
    const { snag, label, left } = pressed(window, "background/covers");
    expect([snag.title, label, left]).toEqual(["Over a window", "Move it clear", undefined]);
    // The wall's own foam leaves the window bare by itself.
    expect(planned(window).figures.find((f) => f.id === "background/back/area")!.value).toBeCloseTo(0.54 - 0.03, 6);
    const port = zoned(newZone("slab", "slab-1", at), (v) => {
      v.features = [
        {
          ...{ id: "drain", name: "Drain", face: "back", kind: "port", origin: "made", tube: null, use: "drain" },
          ...{ bore: statedMm(20), gap: statedMm(0), u: statedMm(450), v: statedMm(300) },
        },
      ];
    });
    expect(pressed(port, "background/covers").snag.title).toBe("Glued over something that must be reached");
  });
  it("a slab bedded in silicone on a foamed wall, and not on a bare one", () => {
    const slab = (buildUp: "foam" | "none") =>
      zoned({ ...newZone("slab", "slab-1", at), anchor: "silicone" } as Zone, (v) => {
        v.background.walls = v.background.walls.map((w) => ({ ...w, buildUp }));
      });
    const { snag, left, variant } = pressed(slab("foam"), "background/silicone-not-counted");
    expect(snag.severity).toBe("stop");
    expect(left).toBeUndefined();
    expect((variant.background.zones[0] as { anchor: string }).anchor).not.toBe("silicone");
    expect(snagOf(slab("none"), "background/silicone-not-counted")).toBeUndefined();
  });
  it("a planter with no hole, or outside its wall", () => {
    const planter = newZone("planter", "p", at) as Extract<Zone, { kind: "planter" }>;
    expect(pressed(zoned({ ...planter, drilled: false }), "background/planter-not-drilled")).toMatchObject({
      snag: { severity: "stop" },
      left: undefined,
    });
    const { snag, left, variant } = pressed(zoned({ ...planter, u: statedMm(890) }), "background/off-the-wall");
    expect(snag.sentence).toContain("900 mm × 600 mm");
    expect(left).toBeUndefined();
    expect(variant.background.zones[0]!.u.value).toBe(900 - 37.5);
  });
  it("a peat wall for a climber on toe pads", () => {
    const frog = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "mossy-frog")!);
    const peat = walled({ fibre: "peat" });
    peat.brief.residents = [frog];
    const { snag, label, left } = pressed(peat, "background/slippery");
    expect([snag.severity, label, left]).toEqual(["mind", "Face it with tree-fern fibre", undefined]);
    const mineral = walled({ fibre: "peat", finish: "grout" });
    mineral.brief.residents = [frog];
    expect(snagOf(mineral, "background/slippery")).toBeUndefined();
    peat.brief.residents = [{ ...frog, traits: { ...frog.traits, toePads: false } }];
    expect(snagOf(peat, "background/slippery")).toBeUndefined();
  });
  it("a branch in a door’s way, judged in the room and not on one face", () => {
    const branch = { ...newZone("branch", "b", { face: "back", u: 450, v: 500 }), depth: statedMm(240) } as Zone;
    const swing = keepOut("doorSwing", "top", 150, 450, 300);
    const build = zoned(branch, (v) => {
      v.features = [swing];
    });
    const { snag, label, left } = pressed(build, "background/in-the-clearance");
    // Branch 470 to 530 high, 210 to 450 from the front; the door keeps 450 to 600 high, 225 to 375: it reaches 60 into it at the least.
    expect(snag).toMatchObject({ severity: "stop", title: "Branch is in the way of doorswing" });
    expect(snag.sentence).toContain("60 mm into the 150 mm");
    expect([label, left]).toEqual(["Lower it by 85 mm", undefined]);
    const clear = zoned({ ...branch, v: statedMm(400) } as Zone, (v) => {
      v.features = [swing];
    });
    expect(snagOf(clear, "background/in-the-clearance")).toBeUndefined();
  });
  it("wood held by too little, hollow, or not wrapped", () => {
    const heavy = { ...newZone("branch", "b", at), mass: statedMm(2.5), anchor: "foam" } as Zone;
    expect(pressed(zoned(heavy), "background/anchor")).toMatchObject({ snag: { severity: "stop" }, left: undefined });
    const hollow = { ...newZone("branch", "b", at), anchor: "floor", hollow: true } as Zone;
    expect(pressed(zoned(hollow), "background/hollow").left).toBeUndefined();
    expect(pressed(zoned(hollow), "background/foot-off-the-base").left).toBeUndefined();
    const bare = walled({ finish: "grout" }, (v) => {
      v.background.zones = [{ ...newZone("slab", "s", at), wrapped: false } as Zone];
    });
    expect(pressed(bare, "background/not-wrapped").left).toBeUndefined();
  });
  it("a lift of 200 mm, a wall in the substrate, foam in the seal as well", () => {
    expect(pressed(walled({ lift: statedMm(200) }), "background/thick-lift")).toMatchObject({
      snag: { severity: "stop", sentence: expect.stringContaining("40 mm once risen is the most") },
      left: undefined,
    });
    expect(snagOf(walled({ lift: statedMm(50) }), "background/thick-lift")!.severity).toBe("mind");
    const low = walled({ foot: statedMm(20) }, (v) => {
      v.shell.groundDepth = statedMm(80);
    });
    expect(pressed(low, "background/in-the-ground").left).toBeUndefined();
    const twice = walled({}, (v) => {
      v.seal.stacks = [{ face: "back", layers: [{ id: "f", layer: "foamPond", coats: null, damp: false }] }];
    });
    expect(pressed(twice, "background/foamed-twice").left).toBeUndefined();
  });
  it("walls so deep that no room is left between them", () => {
    const deep = bareTank((v) => {
      v.background.walls = [plainWall("left", { depth: statedMm(390) }), plainWall("right", { depth: statedMm(390) })];
      (v.shell as { found: { length: unknown } }).found.length = statedMm(800);
    });
    expect(snagOf(deep, "background/no-room")).toMatchObject({ severity: "stop" });
    expect(snagOf(deep, "background/no-room")!.sentence).toContain("8 mm × 450 mm between the walls");
    expect(snagOf(walled(), "background/no-room")).toBeUndefined();
  });
  it("thin valleys", () => {
    expect(pressed(walled({ depth: statedMm(8) }), "background/thin")).toMatchObject({
      label: "Make its valleys 15 mm deep",
      left: undefined,
    });
  });
  it("panels for animals that vanish behind them", () => {
    const ants = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "carpenter-ant")!);
    const build = walled({ buildUp: "panels" });
    build.brief.residents = [ants];
    expect(pressed(build, "background/vanish-behind").left).toBeUndefined();
  });
});
