import { describe, expect, it } from "vitest";
import { jobBuild, jobInput, jobVariant, sheetShell } from "../../tests/job";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import { newBuild, newVariant } from "../document/create";
import type { Build } from "../document/schema";
import { plan } from "../plan";
import { applyFix } from "../snags/fix";
import { STARTER_RESIDENTS } from "./starters";

const boa = (build: Build) => build.brief.residents[0]!;
const snag = (build: Build, rule: string) => plan(jobInput(build)).snags.find((s) => s.rule === rule);

describe("fit for whom", () => {
  it("marks every starter figure as a guess from memory", () => {
    for (const resident of STARTER_RESIDENTS) {
      expect(resident.note).toMatch(/From memory/);
      for (const measure of [resident.narrowestRigid, ...Object.values(resident.needs)])
        if (measure)
          expect(measure).toMatchObject({ how: "guessed", low: expect.any(Number), high: expect.any(Number) });
    }
  });

  it("is content with the job's box", () => {
    for (const rule of ["fit/too-small", "fit/choose-school", "fit/dry-animal-wet-shell", "fit/ground-too-shallow"])
      expect(snag(jobBuild(), rule)).toBeUndefined();
    const figures = plan(jobInput()).figures;
    expect(figures.find((f) => f.id === "fit/floor")!.value).toBeCloseTo(0.9, 9);
    // 600 inside, 60 of ground.
    expect(figures.find((f) => f.id === "fit/headroom")!.value).toBe(540);
  });

  it("says how much is lacking, and makes the box as large as it needs", () => {
    const build = jobBuild(jobVariant(["800", "400", "330"]));
    const small = snag(build, "fit/too-small")!;
    expect(small).toMatchObject({ severity: "mind" });
    expect(small.sentence).toBe("length 800 mm of 900 mm, width 400 mm of 450 mm, height 270 mm of 300 mm.");
    const mended = applyFix(build, small.fix!.patch);
    const { width, depth, height } = sheetShell(mended).size;
    // The height needed is above the ground of 60.
    expect([width.value, depth.value, height.value]).toEqual([900, 450, 360]);
    expect(snag(mended, "fit/too-small")).toBeUndefined();
  });

  it("never picks a school of size, and keeps the one chosen with its reason in sight", () => {
    const build = jobBuild(jobVariant(["800", "400", "500"]));
    const choose = snag(build, "fit/choose-school")!;
    const chosen = applyFix(build, choose.fix!.patch);
    chosen.brief.sizeReason = "a yearling, shy of space";
    expect(snag(chosen, "fit/choose-school")).toBeUndefined();
    expect(snag(chosen, "fit/too-small")).toMatchObject({
      severity: "note",
      sentence: expect.stringContaining("you step up as it copes: a yearling, shy of space"),
    });
  });

  it("stops standing water under a dry animal (common practice, no source)", () => {
    const build = jobBuild();
    build.variants[0]!.seal.standingWater = statedMm(30);
    const wet = snag(build, "fit/dry-animal-wet-shell")!;
    expect(wet.severity).toBe("stop");
    expect(applyFix(build, wet.fix!.patch).variants[0]!.seal.standingWater).toBeNull();
    boa(build).bands.rh = { low: 60, high: 90 };
    expect(snag(build, "fit/dry-animal-wet-shell")).toBeUndefined();
  });

  it("compares with the old home", () => {
    const build = jobBuild();
    build.brief.oldHome = { width: statedMm(900), depth: statedMm(450), height: statedMm(700) };
    expect(snag(build, "fit/smaller-than-before")!.sentence).toBe("height 600 mm, was 700 mm.");
    // 0.9 m² over 0.405 m².
    expect(plan(jobInput(build)).figures.find((f) => f.id === "fit/old-home")!.value).toBeCloseTo(0.9 / 0.405, 9);
  });

  it("lets an open top pass with a reason only over what nothing reaches", () => {
    const build = newBuild("Open tank", { unit: "mm" }, newVariant("tank"));
    build.variants[0]!.closures = [];
    const salamander = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "fire-salamander")!);
    build.brief.residents = [salamander];
    // 396 of wall against a reach of 144 at most, and 1.2 times that.
    expect(snag(build, "front/no-door")!.severity).toBe("mind");
    salamander.traits.climbs = true;
    expect(snag(build, "front/no-door")!.severity).toBe("stop");
  });

  it.each([
    [
      "/brief/residents/0/needs/length",
      /Type between 20 mm and 10000 mm/,
      (b: Build) => Object.assign(boa(b).needs, { length: statedMm(5) }),
    ],
    ["/brief/residents/0/reach", /cannot be right/, (b: Build) => Object.assign(boa(b), { reach: statedMm(9000) })],
    [
      "/brief/residents/0/bands/tempC",
      /between -5 and 50 °C/,
      (b: Build) => Object.assign(boa(b).bands, { tempC: { low: 30, high: 20 } }),
    ],
    [
      "/brief/oldHome/width",
      /cannot be right/,
      (b: Build) =>
        Object.assign(b.brief, { oldHome: { width: statedMm(2), depth: statedMm(450), height: statedMm(700) } }),
    ],
  ])("refuses what cannot be at %s", (path, words, change) => {
    const build = jobBuild();
    change(build);
    expect(checkDesign(build, jobInput().book)).toContainEqual({ path, message: expect.stringMatching(words) });
  });
});
