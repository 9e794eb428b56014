import { describe, expect, it } from "vitest";
import { antYard } from "../../../demo/builds";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import { checkDesign } from "../../document/check";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import { plan } from "../../plan";
import { applyFix } from "../../snags/fix";
import { featureRect } from "../feature";
import type { Port } from "./schema";
import { tubeHole } from "./tubeHole";

const portOf = (build: Build) => chosenVariant(build).features.find((f): f is Port => f.id === "tube-1")!;

describe("a tube through a wall", () => {
  it("needs an oval as long as bore ÷ sin(angle)", () => {
    // Level: a circle. Climbing 30°: 16 ÷ sin 60° = 18.475.
    expect(tubeHole(16, 0, 100).longMm).toBeCloseTo(16, 9);
    expect(tubeHole(16, Math.tan(Math.PI / 6) * 100, 100)).toEqual({
      angleDegrees: expect.closeTo(60, 9),
      longMm: expect.closeTo(18.4752, 4),
      slopeDegrees: expect.closeTo(30, 9),
    });
  });

  it("takes that oval on its face, upright, and says so where it is cut", () => {
    const build = antYard();
    const port = portOf(build);
    port.tube = { ...port.tube!, rise: statedMm(Math.tan(Math.PI / 6) * 220), run: statedMm(220) };
    expect(featureRect(port)).toMatchObject({ widthMm: 16, heightMm: expect.closeTo(18.4752, 4) });
    const planned = plan(jobInput(build));
    expect(planned.figures.find((f) => f.id === "ports/tube-1/oval")!.value).toBeCloseTo(18.4752, 4);
    expect(planned.steps.find((s) => s.id === "air/cut/tube-1")!.detail).toMatch(/oval 16 mm wide and 18\.5 mm high/);
  });

  it("is minded where it is steep or kinks, and mended", () => {
    let design = antYard();
    const port = portOf(design);
    port.tube = { ...port.tube!, rise: statedMm(200), run: statedMm(200), bendRadius: statedMm(30) };
    for (const rule of ["ports/tube-steep", "ports/tube-kinks"]) {
      const snag = plan(jobInput(design)).snags.find((s) => s.rule === rule)!;
      design = applyFix(design, snag.fix!.patch);
      expect(plan(jobInput(design)).snags.map((s) => s.rule)).not.toContain(rule);
    }
    expect(portOf(design).tube!.bendRadius.value).toBe(48);
  });

  it("cannot slant through a lid", () => {
    const build = antYard();
    portOf(build).face = "top";
    expect(checkDesign(build, jobInput().book).map((p) => p.message)).toEqual([
      "A slanting tube passes a wall or the base, not the top. Choose another face.",
    ]);
  });
});
