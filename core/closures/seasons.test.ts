import { describe, expect, it } from "vitest";
import { planned, pressed } from "../../tests/bareTank";
import { jobBuild, jobVariant } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Build } from "../document/schema";
import { paneEdgeMmPerN } from "./door/push";
import { kindsFor } from "./kinds/index";
import type { LiftingPane } from "./kinds/liftingPane/schema";
import type { Closure } from "./schema";
import { closesMm, opensMm, seasonsOf } from "./seasons";

/** The job made at 20 °C, in a room that stays so, with boas kept up to 35 °C. */
function warmed(build = jobBuild()): Build {
  build.brief.room = { tempC: { low: 20, high: 20 }, rh: { low: 50, high: 50 } };
  build.brief.residents[0]!.bands = { tempC: { low: 20, high: 35 }, rh: { low: 50, high: 50 } };
  return build;
}

describe("what runs in an opening, at both ends of the climate", () => {
  it("moves against it by hand: 1.2 m of PVC foam over 15 K, against nothing and against glass", () => {
    const { site } = planned(warmed());
    const move = (growthPerK: number, moisturePerPercent = 0) =>
      seasonsOf(site, { face: "front" }, 1200, { growthPerK, moisturePerPercent });
    // 70e-6 × 1200 × 15 = 1.26; against glass at 9e-6, 1.098.
    expect(move(0).wetMm).toBeCloseTo(1.26, 9);
    expect(move(9e-6).wetMm).toBeCloseTo(1.098, 9);
    expect(move(9e-6).dryMm).toBe(0);
    expect(opensMm(move(9e-6))).toBeCloseTo(1.098, 9);
    // What grows more than the opening closes it.
    expect(closesMm(move(170e-6))).toEqual({ mm: expect.closeTo(1.8, 9), at: "wet" });
    expect(opensMm(move(170e-6))).toBe(0);
  });

  it("a sheet pane that jams warm is told, and glass runs", () => {
    const variant = jobVariant();
    const build = jobBuild(variant);
    // Made at 17 °C and kept hot: foamed PVC in a wooden frame has grown.
    build.brief.room.tempC = { low: 12, high: 22 };
    build.brief.residents[0]!.bands.tempC = { low: 25, high: 45 };
    variant.shell.material = "plywood-12";
    const { site, shell } = planned(build);
    const pane = kindsFor(variant.shell, "front")
      .find((k) => k.kind === "liftingPane")!
      .start(site, shell.openings[0]) as LiftingPane;
    variant.closures = [{ ...pane, pane: "pvc-foam-6", groove: "groove-6", lock: { kind: "key", origin: "made" } }];
    const { snag, left, variant: mended } = pressed(build, "front/binds");
    expect(snag.title).toContain("warm and wet");
    expect(left).toBeUndefined();
    expect((mended.closures[0] as LiftingPane).pane).toMatch(/^glass/);
  });
});

describe("the push on a pane that slides", () => {
  it("bows its meeting edge by F·h³/(48·E·I) of a strip", () => {
    // 400 high, 500 wide, 4 mm glass: b = min(160, 250), I = 160·64/12 = 853.3; 400³/(48·70000·853.3) = 0.02232.
    expect(paneEdgeMmPerN({ thicknessMm: 4, modulusGPa: 70 }, 400, 500)).toBeCloseTo(0.022321, 6);
  });

  it("opens between two slides, and thicker glass with a brush shuts it", () => {
    const build = jobBuild();
    const [boa] = build.brief.residents;
    const closure = build.variants[0]!.closures[0] as Extract<Closure, { kind: "slidingPair" }>;
    closure.brushStrip = true;
    expect(planned(build).snags.map((s) => s.rule)).not.toContain("front/way-out");
    // Thin glass before a heavy one: 10 × 20 N × 9.81 over what a brush leaves.
    Object.assign(boa!, { mass: { ...statedMm(2600), typed: "2600" } });
    boa!.traits.constricts = true;
    const { snag, left, variant } = pressed(build, "front/way-out");
    expect(snag.subject).toBe("between");
    expect(variant.closures[0]).toMatchObject({ glass: "glass-6", track: "track-6", brushStrip: true });
    expect(left).toBeUndefined();
  });
});
