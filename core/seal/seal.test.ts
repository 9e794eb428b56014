import { describe, expect, it } from "vitest";
import { jobBuild, jobInput, jobVariant } from "../../tests/job";
import { statedMm } from "../design/measure";
import { plan } from "../plan";
import { filletMl, HOLLOW_DEPTH, HOLLOW_SHARE } from "../shell/fillet";

describe("a hollow bead", () => {
  it("fills 0.215·a² and is 0.414·a deep (geometry of a quarter circle)", () => {
    expect(HOLLOW_SHARE).toBeCloseTo(0.215, 3);
    expect(HOLLOW_DEPTH).toBeCloseTo(0.414, 3);
    // 8 m of leg 6: 0.2146 × 36 × 8000 mm³ = 61.8 mL.
    expect(filletMl(6, 8000)).toBeCloseTo(61.8, 1);
  });
});

const planWith = (change: (v: ReturnType<typeof jobVariant>) => void) => {
  const variant = jobVariant();
  change(variant);
  return plan(jobInput(jobBuild(variant)));
};

describe("the seal's steps", () => {
  it("waits a day for a thin bead, longer for a thick one", () => {
    const cure = (leg: number) =>
      planWith((v) => {
        v.seal.leg = statedMm(leg);
      }).figures.find((f) => f.id === "seal/cure")!.value / 1440;
    expect(cure(4)).toBe(1);
    // 0.414 × 12 ÷ 2 mm a day.
    expect(cure(12)).toBeCloseTo(2.485, 3);
  });

  it("tests with water only where water is planned, 20 mm over the line, never over the dam", () => {
    const test = (water: number) =>
      planWith((v) => {
        v.seal.standingWater = statedMm(water);
      }).steps.find((s) => s.id === "seal/water-test")!;
    expect(planWith(() => {}).steps.some((s) => s.id === "seal/water-test")).toBe(false);
    expect(test(50).detail).toContain("Fill to 70 mm.");
    expect(test(90).detail).toContain("Fill to 100 mm, the top of the dam");
    expect(test(50).waitMinutes).toBe(2 * 1440);
  });

  it("lays the substrate only after the water test", () => {
    const p = planWith((v) => {
      v.seal.standingWater = statedMm(50);
    });
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    expect(at("ground/mix/mix").startAt).toBeGreaterThanOrEqual(at("seal/water-test").readyAt);
  });

  it("beads the foot seams alone when asked, and nothing when nothing is asked", () => {
    const length = (seams: "none" | "base" | "all") =>
      planWith((v) => {
        v.seal.seams = seams;
      }).figures.find((f) => f.id === "seal/length")?.value;
    expect(length("base")).toBe(4600);
    expect(length("all")).toBe(8300);
    expect(length("none")).toBeUndefined();
    expect(
      planWith((v) => {
        v.seal.seams = "none";
      }).supplies.some((s) => s.id === "seal/sealant"),
    ).toBe(false);
  });
});
