import { describe, expect, it } from "vitest";
import { bareTank, planned } from "../../tests/bareTank";
import { dividerOf, poolOf } from "../../tests/inside";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Variant } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { groundAtMm } from "../levels/levels";
import { rampRunMm } from "../vessels/figures";
import { fillBalance } from "./balance";
import { cutStrata } from "./cutStrata";
import { DRAINS } from "./drain";
import { mixKgPerM3, mixLitres, partsOf } from "./layers/mixed";
import { stackOf } from "./layers/starts";
import { fillOf } from "./mass";
import { RECIPES } from "./mix";

/** The tank of 900 × 450 × 600 with ground to 128 at the back and 100 at the front over 50 mm of clay. */
const land = (more?: (variant: Variant) => void) =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(128);
    v.ground = {
      ...v.ground,
      front: statedMm(100),
      layers: stackOf({
        drain: { body: "clay", mm: 50 },
        barrier: { cloth: "weedCloth", curlMm: 30 },
        mix: RECIPES.find((r) => r.id === "coirBarkMoss")!.mix,
      }),
    };
    more?.(v);
  });
const fills = (build: ReturnType<typeof land>) => {
  const p = planned(build);
  return Object.fromEntries(fillOf(p.site).map((f) => [f.id, f]));
};

describe("the vertical stack", () => {
  it("lies layer on layer: drain and charcoal level, the substrate sloped", () => {
    const { levels } = planned(
      land((v) => {
        v.ground.layers.splice(2, 0, { id: "charcoal", kind: "charcoal", zone: null, depth: statedMm(10) });
      }),
    ).shell;
    expect(levels.strata.map((s) => [s.id, s.fromBackMm, s.frontMm, s.backMm])).toEqual([
      ["drain", 0, 50, 50],
      ["charcoal", 50, 60, 60],
      ["mix", 60, 100, 128],
    ]);
    expect([levels.groundMm, levels.groundFrontMm, levels.drainMm]).toEqual([128, 100, 50]);
    expect(groundAtMm(levels, 0.5)).toBe(114);
  });
  it("holds litres by hand: slope by the mean of its depths", () => {
    const own = fills(land());
    // 0.9 × 0.45 m² = 0.405; clay 50 mm; ground (50 + 78) ÷ 2 = 64 mm.
    expect(own.drain!.litres).toBeCloseTo(20.25, 6);
    expect(own.mix!.litres).toBeCloseTo(0.405 * 64, 6);
    expect(own.drain!.kg).toBeCloseTo(20.25 * 0.4, 6);
    expect(own.mix!.kg).toBeCloseTo(0.405 * 64 * 1.05, 6);
  });
  it("holds in a clay layer of 40 mm in a base of 1.2 × 0.6 m some 12 L of water (void 0.42, by hand)", () => {
    const { capacityL } = fillBalance({ misting: null, lost: null }, [
      { landM2: 1.2 * 0.6, freeMm: 40, voidShare: DRAINS.clay.voidShare.value },
    ]);
    expect(capacityL).toBeCloseTo(12.1, 1);
  });
  it("is cut as it lies: the section's areas are the litres", () => {
    const build = land();
    const { site } = planned(build);
    const area = (kind: string) =>
      cutStrata(site, "frontBack")
        .filter((p) => p.kind === kind)
        .reduce((sum, { points }) => {
          const twice = points.reduce((t, [x, y], i) => {
            const [x2, y2] = points[(i + 1) % points.length]!;
            return t + x * y2 - x2 * y;
          }, 0);
          return sum + Math.abs(twice) / 2;
        }, 0);
    const own = fills(build);
    expect((area("drain") * 900) / 1e6).toBeCloseTo(own.drain!.litres, 6);
    expect((area("mix") * 900) / 1e6).toBeCloseTo(own.mix!.litres, 6);
  });
  it("shows a pool beside its land, with the pane between them", () => {
    const build = land((v) => {
      v.seal.standingWater = statedMm(60);
      v.dividers = [dividerOf()];
      v.vessels = [poolOf({ zone: "d:b" })];
    });
    const { site } = planned(build);
    const across = cutStrata(site, "leftRight");
    expect(across.map((p) => p.kind).sort()).toEqual(["divider", "drain", "mix", "water"]);
    const pool = across.find((p) => p.kind === "water")!;
    expect(pool.points).toEqual([
      [600, 0],
      [900, 0],
      [900, 60],
      [600, 60],
    ]);
    const through = cutStrata(site, "frontBack", 300);
    expect(through.some((p) => p.kind === "water" || p.kind === "soaked")).toBe(false);
    // 300 × 450 × 60 of water, two thirds of the floor under ground, each less half of the pane: 3 × 450.
    const own = fills(build);
    expect(own.water!.litres).toBeCloseTo(0.297 * 0.45 * 60, 6);
    expect(own.drain!.litres).toBeCloseTo(0.597 * 0.45 * 50, 6);
    // Of mesh, both share one level: the clay holds water too.
    chosenVariant(build).dividers[0]!.layers = [{ id: "layer-1", of: "mesh", material: "fly-screen" }];
    const wire = 0.28 / 2;
    expect(fills(build).held!.litres).toBeCloseTo((0.6 - wire / 1000) * 0.45 * 50 * 0.42, 3);
  });
});

describe("a mix", () => {
  it("is parts by volume, loose by what settles: 25, 40 and 35 of 85 L as it lies are 25, 40 and 35 L", () => {
    const parts = partsOf(jobInput(), RECIPES.find((r) => r.id === "coirBarkMoss")!.mix);
    expect(mixLitres(parts, 85).map(({ part, litres }) => [part.materialId, litres])).toEqual([
      ["fill-coir", 25],
      ["fill-bark", 40],
      ["fill-moss", 35],
    ]);
  });
  it("takes parts the book does not know: bought by what they swell to, weighed by what they weigh wet", () => {
    const own = { id: "shell", name: "Crushed shell", amount: statedMm(50), wetKgPerM3: statedMm(1600), swells: null };
    const peat = { id: "peat", name: "Pressed peat", amount: statedMm(25), wetKgPerM3: null, swells: statedMm(5) };
    const coir = { what: "coir" as const, amount: statedMm(25) };
    const parts = partsOf(jobInput(), { unit: "percent", parts: [coir], own: [own, peat] });
    // 85 L settled from 100 L loose: 25 of coir, 50 of shell, and 25 of peat from 5 L pressed.
    expect(mixLitres(parts, 85).map(({ litres }) => litres)).toEqual([25, 50, 5]);
    // 0.5 × 1600 + 0.5 × 1050.
    expect(mixKgPerM3(parts)).toBeCloseTo(1325, 9);
  });
  it("is bought in whole bags, bricks by what they swell to", () => {
    const lines = planned(land()).buying.lines;
    const line = (id: string) => lines.find((l) => l.materialId === id)!;
    // 25.92 L as it lies ÷ 0.85 = 30.5 L loose: 7.6 of coir, one brick that swells to 8.5 L.
    expect(line("fill-coir").likely.map((p) => [p.pack.id, p.count])).toEqual([["coir-650", 1]]);
    expect(line("fill-bark").likely.map((p) => p.count)).toEqual([2]);
    expect(line("fill-clay").likely.map((p) => [p.pack.id, p.count])).toEqual([["clay-50", 1]]);
  });
  it("sums its barrier's curl on every side", () => {
    const barrier = planned(land()).parts.find((p) => p.id === "ground/barrier")!;
    expect([barrier.lengthMm, barrier.widthMm, barrier.qty]).toEqual([960, 510, 1]);
    const screens = planned(
      land((v) => {
        v.ground.layers = stackOf({ barrier: { cloth: "twoScreens", curlMm: 25 } });
      }),
    ).parts.find((p) => p.id === "ground/barrier")!;
    expect([screens.lengthMm, screens.qty]).toEqual([950, 2]);
  });
});

describe("a balance of misting", () => {
  it("fills by hand: 8.5 L at 0.3 of 500 mL a day stays, in 57 days", () => {
    const lost = statedMm(70);
    const { capacityL, staysL, days } = fillBalance({ misting: statedMm(500), lost }, [
      { landM2: 0.405, freeMm: 50, voidShare: 0.42 },
    ]);
    expect(capacityL).toBeCloseTo(8.505, 6);
    expect(staysL).toBeCloseTo(0.15, 9);
    expect(days).toBeCloseTo(56.7, 6);
  });
  it("says nothing where nobody knows, or nothing stays", () => {
    expect(fillBalance({ misting: null, lost: null }, [{ landM2: 1, freeMm: 50, voidShare: 0.42 }]).days).toBeNull();
    expect(
      fillBalance({ misting: statedMm(300), lost: statedMm(100) }, [{ landM2: 1, freeMm: 50, voidShare: 0.42 }]).days,
    ).toBeNull();
  });
  it("runs a ramp of 45° as far as it climbs", () => {
    expect(rampRunMm(60, 45)).toBeCloseTo(60, 9);
    expect(rampRunMm(60, 30)).toBeCloseTo(103.923, 3);
  });
});

describe("steps of the substrate", () => {
  it("follow the order that must hold: air out, rinse, drain, barrier, substrate, plants, crew, weeks, residents", () => {
    const build = land((v) => {
      v.ground.plants = [
        {
          ...{ id: "fern", name: "Fern", count: 3, pot: statedMm(90), height: statedMm(200), spread: statedMm(200) },
          ...{ where: "ground", live: true, toxic: false, by: "planted", got: "bought" },
        },
      ];
      v.ground.settleWeeks = statedMm(4);
      v.ground.outlet = "standpipe";
    });
    const { entries } = planned(build).diary;
    const at = (id: string) => entries.find((e) => e.stepId === id)!;
    const order = [
      "ground/standpipe",
      "ground/drain/drain",
      "ground/barrier/barrier",
      "ground/mix/mix",
      "ground/plant",
      "ground/crew",
      "ground/settle",
      "diary/residents-in",
      "ground/watch",
    ];
    for (let i = 1; i < order.length; i++)
      expect(at(order[i]!).startAt, order[i]!).toBeGreaterThanOrEqual(at(order[i - 1]!).readyAt);
    expect(at("ground/quarantine").readyAt - at("ground/quarantine").handsEndAt).toBe(30 * 1440);
    expect(at("ground/plant").startAt).toBeGreaterThanOrEqual(at("ground/quarantine").readyAt);
    expect(at("ground/settle").readyAt - at("ground/settle").handsEndAt).toBe(28 * 1440);
  });
});
