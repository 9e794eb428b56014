import { describe, expect, it } from "vitest";
import { planned, pressed, snagOf } from "../../../tests/bareTank";
import { put } from "../../../tests/hung";
import { statedMm } from "../../design/measure";
import { newBuild, newVariant } from "../../document/create";
import type { Build, Variant } from "../../document/schema";
import type { CabinetShell } from "../../shell/kinds/cabinet/schema";

/** A cabinet of plywood, 800 × 400 × 1000 outside with sides of 15, ground to 60 and water to 40. */
function cabinet(change?: (variant: Variant) => void): Build {
  const variant = newVariant("cabinet");
  const shell = variant.shell as CabinetShell;
  Object.assign(shell.found, { width: statedMm(830), depth: statedMm(415), height: statedMm(1030) });
  for (const face of ["base", "top", "left", "right", "back"] as const)
    shell.found.faces[face] = { material: "plywood", thickness: statedMm(15) };
  shell.found.faces.front = { material: "glass", thickness: statedMm(0.4) };
  shell.found.depth = statedMm(415.4);
  shell.dam = { source: { of: "bought", material: "glass-6" }, height: statedMm(90), length: null };
  shell.groundDepth = statedMm(60);
  variant.seal.standingWater = statedMm(40);
  change?.(variant);
  return newBuild("Wood", { unit: "mm" }, variant);
}
const lined = (upstand: number, material = "cloth-liner", more?: (v: Variant) => void) =>
  cabinet((v) => {
    v.seal.liner = { material, upstand: statedMm(upstand) };
    more?.(v);
  });

describe("a folded liner", () => {
  const p = planned(lined(100));
  it("is one piece as it comes out by hand: 800 × 400, up 100 and up the dam's 90 in front", () => {
    const part = p.parts.find((x) => x.id === "seal/liner")!;
    expect([part.lengthMm, part.widthMm]).toEqual([1000, 590]);
    // What lies flat and up four walls, and the squares folded away in the corners, are all of it.
    const covers = 0.8 * 0.4 + 2 * 0.4 * 0.1 + 0.8 * 0.1 + 0.8 * 0.09;
    const folds = p.figures.find((f) => f.id === "seal/liner-folds")!;
    expect(folds.inputs.find((i) => i.name === "what it covers")!.value).toBeCloseTo(covers, 9);
    expect(folds.value).toBeCloseTo(2 * 0.1 * 0.1 + 2 * 0.1 * 0.09, 9);
    expect(covers + folds.value).toBeCloseTo(1 * 0.59, 9);
  });
  it("is bought with what is trimmed, glued at its rim by half the square of its leg", () => {
    expect(p.supplies.find((s) => s.id === "seal/liner/cloth-liner")!.likely).toBeCloseTo(1000 * 590 * 1.08, 6);
    // 2 × (800 + 400) mm of a leg of 10: half of 100 mm² each.
    expect(p.supplies.find((s) => s.id === "seal/liner/silicone-neutral")!.likely).toBeCloseTo(0.5 * 100 * 2.4, 6);
  });
  it("goes in after sealer and beads, before the test, and is told where it ends too low", () => {
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!.startAt;
    expect(at("seal/bead")).toBeLessThan(at("seal/liner"));
    expect(at("seal/liner")).toBeLessThan(at("seal/water-test"));
    expect(pressed(lined(50), "seal/liner-too-low")).toMatchObject({ label: "Take it up to 70 mm", left: undefined });
    expect(snagOf(lined(100), "seal/liner-too-low")).toBeUndefined();
  });
  it("is what wood wants beside sealer and beads; the three come with one press", () => {
    const bare = cabinet();
    expect(snagOf(bare, "seal/wood-wants-a-liner")).toMatchObject({ severity: "mind" });
    expect(pressed(bare, "seal/wood-wants-a-liner").left).toBeUndefined();
    expect(snagOf(lined(100), "seal/wood-wants-a-liner")).toBeUndefined();
  });
  it("is rated for the mat behind it, or told (common practice, no source)", () => {
    const mat = (v: Variant) => put(v, "heatMat", "mat", { face: "base", width: statedMm(200), length: statedMm(150) });
    expect(pressed(lined(100, "cloth-liner", mat), "fixtures/liner-not-rated")).toMatchObject({
      label: "Take pond liner, rated for warmth",
      left: undefined,
    });
    expect(snagOf(lined(100, "cloth-liner-warm", mat), "fixtures/liner-not-rated")).toBeUndefined();
    // One over the liner's rim lies behind none of it.
    const high = (v: Variant) =>
      put(v, "heatMat", "mat", {
        face: "left",
        u: statedMm(200),
        v: statedMm(500),
        width: statedMm(150),
        length: statedMm(150),
      });
    expect(snagOf(lined(100, "cloth-liner", high), "fixtures/liner-not-rated")).toBeUndefined();
  });
});
