import { describe, expect, it } from "vitest";
import { bareTank, planned } from "../../tests/bareTank";
import { poolOf } from "../../tests/inside";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { MIX_PARTS } from "../materials/names";
import { BARRIER } from "./barrier";
import { DRAINS } from "./drain";
import { stackOf } from "./layers/starts";
import { mixSum, RECIPES } from "./mix";
import { BARRIERS, DRAIN_BODIES } from "./names";

const stack = (more: Parameters<typeof stackOf>[0]) =>
  stackOf({ drain: { body: "clay", mm: 50 }, barrier: { cloth: "weedCloth", curlMm: 30 }, ...more });

/** The tank of 900 × 450, ground to 120 over a drain layer of 50. */
const land = (more: (variant: Variant) => void) =>
  planned(
    bareTank((v) => {
      v.shell.groundDepth = statedMm(120);
      v.seal.standingWater = statedMm(30);
      v.ground.layers = stack({});
      more(v);
    }),
  );
const supply = (p: ReturnType<typeof land>, id: string) => p.supplies.find((s) => s.materialId === id);
const barrier = (p: ReturnType<typeof land>) => p.parts.find((x) => x.id === "ground/barrier")!;
const pool = (width: number, length: number, u = 450, v = 225) => [
  poolOf({ u: statedMm(u), v: statedMm(v), width: statedMm(width), length: statedMm(length) }),
];

describe("what the substrate takes", () => {
  it("is each part by the litre, with what is heaped and spilt", () => {
    const p = land((v) => {
      v.ground.layers = stack({
        ...{ charcoalMm: 10, leavesMm: 20 },
        mix: RECIPES.find((r) => r.id === "soilSand")!.mix,
      });
    });
    // 0.405 m²: 20.25 L of clay, 4.05 of charcoal, 8.1 of leaves; 24.3 L of ground as it lies, 28.6 loose in 4 parts.
    expect(supply(p, "fill-clay")!.likely).toBeCloseTo(20_250, 3);
    expect(supply(p, "fill-charcoal")!.likely).toBeCloseTo(4050, 3);
    expect(supply(p, "fill-litter")!.likely).toBeCloseTo(8100, 3);
    expect(supply(p, "fill-soil")!.likely).toBeCloseTo((24_300 / 0.85) * 0.5, 3);
    expect(supply(p, "fill-sand")!.likely).toBeCloseTo((24_300 / 0.85) * 0.25, 3);
    expect(supply(p, "fill-soil")!.low).toBeLessThan(supply(p, "fill-soil")!.likely);
    expect(supply(p, "fill-soil")!.high).toBeGreaterThan(supply(p, "fill-soil")!.likely);
  });
  it("is cut from grid or foam by the land where the drainage layer is one of them", () => {
    const grid = land((v) => {
      v.ground.layers = stack({ drain: { body: "eggCrate", mm: 50 } });
    });
    // 900 × 450 within a ring of 25: 850 × 400, in cells of 15, are 56 × 26 of them: 840 × 390.
    expect(grid.parts.find((x) => x.id === "ground/drain")).toMatchObject({
      lengthMm: 840,
      widthMm: 390,
      materialId: "cloth-eggcrate",
    });
    expect(supply(grid, "cloth-eggcrate")!.likely).toBeCloseTo(840 * 390, 3);
    // A ring of clay round 2.7 m, 25 wide and 50 high; a tie to each of 7 × 4 legs.
    expect(supply(grid, "fill-clay")!.likely).toBeCloseTo(2.7 * 25 * 50, 3);
    expect(supply(grid, "cable-tie")!.likely).toBe(28);
    const sponge = land((v) => {
      v.ground.layers = stack({ drain: { body: "sponge", mm: 50 } });
    });
    expect(supply(sponge, "fill-clay")).toBeUndefined();
    expect(supply(sponge, "cloth-sponge")!.likely).toBeCloseTo(405_000, 3);
  });
  it("cuts its barrier for the land beside a pool, or round it", () => {
    const across = barrier(
      land((v) => {
        v.vessels = pool(300, 450, 750);
      }),
    );
    // 600 × 450 of land, 30 of curl on every side.
    expect([across.lengthMm, across.widthMm]).toEqual([660, 510]);
    const along = barrier(
      land((v) => {
        v.vessels = pool(900, 150, 450, 75);
      }),
    );
    expect([along.lengthMm, along.widthMm]).toEqual([960, 360]);
    const round = barrier(
      land((v) => {
        v.vessels = pool(300, 200);
      }),
    );
    expect([round.lengthMm, round.widthMm]).toEqual([960, 510]);
    expect(round.working.length).toContain("the pool cut out of it");
  });
  it("is nothing while nothing is planned but a depth", () => {
    const p = planned(
      bareTank((v) => {
        v.shell.groundDepth = statedMm(60);
      }),
    );
    expect(p.supplies.filter((s) => s.id.startsWith("ground/"))).toEqual([]);
    expect(p.steps.some((s) => s.id === "ground/mix/mix")).toBe(true);
  });
});

describe("the substrate's tables", () => {
  it("name a material of the starter book for every part, body and barrier", () => {
    const p = land(() => {});
    const forms = new Set(p.site.book.materials.flatMap((m) => ("form" in m ? [m.form as string] : [])));
    for (const part of MIX_PARTS) expect(forms, part).toContain(part);
    for (const kind of BARRIERS) expect(forms, kind).toContain(BARRIER[kind].form);
    for (const body of DRAIN_BODIES) {
      const { voidShare } = DRAINS[body];
      expect(voidShare.low!).toBeLessThan(voidShare.value);
      expect(voidShare.high!).toBeGreaterThan(voidShare.value);
      expect(voidShare.high!).toBeLessThan(1);
    }
  });
  it("hold recipes that sum where they are told of a hundred (source: ground; 25 coir, 40 bark, 35 moss; 6 coir, 2 moss, 3 bark)", () => {
    for (const { mix, name } of RECIPES) if (mix.unit === "percent") expect(mixSum(mix), name).toBe(100);
    const part = (id: string) =>
      Object.fromEntries(RECIPES.find((r) => r.id === id)!.mix.parts.map((p) => [p.what, p.amount.value]));
    expect(part("coirBarkMoss")).toEqual({ coir: 25, bark: 40, moss: 35 });
    expect(part("forest")).toMatchObject({ coir: 6, moss: 2, bark: 3 });
  });
});

describe("the way water gets out", () => {
  const outlet = (kind: "none" | "standpipe" | "bulkhead") =>
    land((v) => {
      v.ground.outlet = kind;
      v.ground.misting = statedMm(60);
      v.features = [
        {
          ...{ id: "drain", name: "Drain", face: "base", kind: "port", origin: "made", tube: null, use: "drain" },
          ...{ bore: statedMm(20), gap: statedMm(0), u: statedMm(800), v: statedMm(225) },
        },
      ];
    });
  it("is a pipe's foot to cure before the clay, or a port that is there", () => {
    expect(outlet("standpipe").steps.find((s) => s.id === "ground/standpipe")!.waitMinutes).toBe(1440);
    expect(outlet("bulkhead").steps.some((s) => s.id === "ground/standpipe")).toBe(false);
    expect(outlet("bulkhead").snags.some((s) => s.rule === "ground/no-drain-port")).toBe(false);
    expect(outlet("standpipe").snags.some((s) => s.rule === "ground/drain-not-used")).toBe(true);
  });
  it("is asked for only where the layer fills soon", () => {
    // 0.405 m² × 20 mm × 0.42 = 3.4 L; 18 mL a day stay: 189 days, over the half year.
    expect(outlet("none").snags.some((s) => s.rule === "ground/fills-up")).toBe(false);
  });
});
