import { describe, expect, it } from "vitest";
import { bareTank, planned, pressed, snagOf } from "../../tests/bareTank";
import { dividerOf, poolOf } from "../../tests/inside";
import { jobBuild } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Build, Variant } from "../document/schema";
import { fillOf } from "../ground/mass";
import { newVessel } from "./kinds";
import type { Vessel } from "./schema";

const plain = (value: number) => ({ typed: String(value), value, how: "stated" as const });
const dish = (own: Partial<Vessel> = {}): Vessel => ({
  ...newVessel("dish", "dish", "Dish", 300, 225),
  ...{ round: false, width: statedMm(108), length: statedMm(108), depth: statedMm(40), filled: statedMm(30) },
  ...{ wayOut: "stones", rim: statedMm(44) },
  ...own,
});
const tank = (vessels: Vessel[], more?: (v: Variant) => void): Build =>
  bareTank((v) => {
    v.shell.groundDepth = statedMm(120);
    v.vessels = vessels;
    more?.(v);
  });

describe("what a vessel holds and how long it lasts", () => {
  it("is worked by hand: 100 × 100 inside, 30 of water, four fifths of the box; 3 mm a day and 20 mL drunk", () => {
    const p = planned(tank([dish({ drunk: plain(20) })]));
    const figure = (id: string) => p.figures.find((f) => f.id === `vessels/dish/${id}`)!;
    expect(figure("litres").value).toBeCloseTo(0.24, 9);
    // 0.24 L ÷ (0.01 m² × 3 mm + 0.02 L) = 4.8 days; at 6 mm, 3; at 1 mm and nobody drinking, 24.
    expect(figure("days").value).toBeCloseTo(4.8, 9);
    expect([figure("days").low, figure("days").high].map((d) => Number(d!.toFixed(6)))).toEqual([3, 24]);
  });
  it("takes its sunk part out of the substrate: a pail 154 high, its rim 10 over, is 144 deep in 160", () => {
    const mix = (vessels: Vessel[]) => {
      const build = tank(vessels, (v) => {
        v.shell.groundDepth = statedMm(160);
      });
      return fillOf(planned(build).site).find((f) => f.id === "mix")!.litres;
    };
    const pail: Vessel = { ...newVessel("pail", "pail", "Pail", 300, 225), rim: statedMm(10), depth: statedMm(150) };
    // Round, 180 across.
    expect(mix([]) - mix([pail])).toBeCloseTo((Math.PI / 4) * 0.18 ** 2 * 144, 6);
    expect(mix([]) - mix([dish()])).toBeCloseTo(0, 6);
  });
});

describe("mistakes of vessels are told, with the number that would be right", () => {
  it("deeper than its substrate, outside, overfull", () => {
    const deep = pressed(tank([dish({ depth: statedMm(150), rim: statedMm(0.5) })]), "vessels/deeper-than-substrate");
    // 154 high in 120 of substrate.
    expect([deep.label, deep.left]).toEqual(["Let its rim stand 34 mm over the substrate", undefined]);
    expect(pressed(tank([dish({ u: statedMm(10) })]), "vessels/outside").left).toBeUndefined();
    expect(pressed(tank([dish({ filled: statedMm(60) })]), "vessels/overfull").left).toBeUndefined();
    expect(planned(tank([dish()])).snags.filter((s) => s.rule.startsWith("vessels/"))).toEqual([]);
  });
  it("a rim under moss, or touched by it", () => {
    const mossy = (rim: number) =>
      tank([dish({ rim: statedMm(rim) })], (v) => {
        v.ground.layers = [{ id: "moss", kind: "moss", zone: null, depth: statedMm(20) }];
      });
    expect(pressed(mossy(15), "vessels/rim-under")).toMatchObject({ label: "Raise its rim to 30 mm", left: undefined });
    expect(snagOf(mossy(30), "vessels/rim-under")).toBeUndefined();
    expect(pressed(tank([dish({ touches: true })]), "vessels/wicks").left).toBeUndefined();
  });
  it("a galvanised pail, which asks its question too; sealed inside it is bought sealer and a week", () => {
    const { snag, left, variant } = pressed(tank([dish({ of: "galvanised" })]), "vessels/zinc");
    expect([snag.severity, left]).toEqual(["mind", undefined]);
    const asked = snagOf(tank([dish({ of: "galvanised" })]), "seal/decide")!;
    expect(asked.sentence).toContain("Zinc (Dish is galvanised)");
    const p = planned(tank(variant.vessels as Vessel[]));
    expect(p.steps.find((s) => s.id === "vessels/seal")!.waitMinutes).toBe(7 * 1440);
    expect(p.supplies.some((s) => s.why.includes("Dish, sealed inside"))).toBe(true);
  });
  it("no way out, too narrow to bathe in, dry before one is back", () => {
    expect(pressed(tank([dish({ wayOut: "none" })]), "vessels/no-way-out").left).toBeUndefined();
    expect(snagOf(tank([dish({ wayOut: "none", filled: statedMm(15) })]), "vessels/no-way-out")).toBeUndefined();
    const build = tank([dish({ bathes: true })]);
    build.brief.residents = [{ ...jobBuild().brief.residents[0]!, girth: statedMm(70) }];
    expect(pressed(build, "vessels/too-narrow").left).toBeUndefined();
    // 0.24 L at 6 mm a day of 0.01 m² is 4 days.
    expect(pressed(tank([dish({ awayDays: plain(6) })]), "vessels/dry-before").left).toBeUndefined();
    expect(snagOf(tank([dish({ awayDays: plain(4) })]), "vessels/dry-before")).toBeUndefined();
  });
});

describe("a pool", () => {
  const wet = (own: Parameters<typeof poolOf>[0], more?: (v: Variant) => void) =>
    bareTank((v) => {
      v.shell.groundDepth = statedMm(140);
      v.seal.standingWater = statedMm(60);
      v.vessels = [poolOf(own)];
      more?.(v);
    });
  it("off the floor, dry, without a way out, with a steep ramp, or in a part that is gone", () => {
    expect(pressed(wet({ u: statedMm(850) }), "vessels/pool-off-the-floor")).toMatchObject({
      snag: { severity: "stop" },
      left: undefined,
    });
    expect(pressed(wet({ wayOut: "none" }), "vessels/no-way-out").left).toBeUndefined();
    expect(pressed(wet({ ramp: statedMm(70) }), "vessels/steep-ramp").left).toBeUndefined();
    expect(pressed(wet({ zone: "gone:b" }), "vessels/pool-nowhere").left).toBeUndefined();
    const dry = wet({}, (v) => {
      v.seal.standingWater = null;
    });
    expect(pressed(dry, "vessels/dry-pool").left).toBeUndefined();
  });
  it("deeper than the divider it stands behind is that divider's to say", () => {
    const low = wet({ zone: "d:b" }, (v) => {
      v.dividers = [dividerOf({ height: statedMm(50) })];
    });
    expect(pressed(low, "dividers/too-low")).toMatchObject({ label: "Make it 80 mm high", left: undefined });
  });
});
