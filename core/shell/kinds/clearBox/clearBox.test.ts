import { describe, expect, it } from "vitest";
import { jobInput } from "../../../../tests/job";
import { statedMm } from "../../../design/measure";
import { checkDesign } from "../../../document/check";
import { newBuild, newVariant } from "../../../document/create";
import type { Build } from "../../../document/schema";
import { plan } from "../../../plan";
import { STARTER_RESIDENTS } from "../../../residents/starters";
import { applyFix } from "../../../snags/fix";
import { pullShare } from "./magnets";
import type { ClearBoxFound, ClearBoxShell } from "./schema";

const planned = (build: Build) => plan(jobInput(build));
/** 330 × 240 × 280 outside, walls of 4: a door on four magnets over a foot of 60, a lid in grooves. */
function box(change?: (found: ClearBoxFound, shell: ClearBoxShell, build: Build) => void): Build {
  const variant = newVariant("clearBox");
  const shell = variant.shell as ClearBoxShell;
  Object.assign(shell.found, { width: statedMm(330), depth: statedMm(240), height: statedMm(280) });
  const build = newBuild("Clear", { unit: "mm" }, variant);
  change?.(shell.found, shell, build);
  return build;
}
const problems = (build: Build) =>
  checkDesign(build, jobInput().book).map((p) => [p.path.replace("/variants/0/shell/found", ""), p.message]);
const snag = (build: Build, rule: string) => planned(build).snags.find((s) => s.rule === rule);
/** Presses a snag's fix; what is left of the snag. */
function pressed(build: Build, rule: string) {
  const found = snag(build, rule);
  expect(found?.fix, rule).toBeDefined();
  return { label: found!.fix!.label, left: snag(applyFix(build, found!.fix!.patch), rule) };
}

describe("a clear box", () => {
  it("has the inside, the litres and the mass that come out by hand", () => {
    const { shell } = planned(box());
    // 330 − 8, 240 − 8, 280 − 4 base − 3 lid.
    expect(shell.inside).toEqual({ widthMm: 322, depthMm: 232, heightMm: 273 });
    expect(shell.volumeMl).toBeCloseTo(322 * 232 * 273 * 1e-3, 6);
    // Acrylic at 1190 kg/m³ (from memory); the lid 322 × 232 × 3.
    expect(shell.solids.find((s) => s.id === "face/top")!.kg).toBeCloseTo(0.322 * 0.232 * 0.003 * 1190, 9);
    expect(shell.levels.damTopMm).toBe(60);
  });

  it("is audited on all its openings: door, both grooves, the lid's end, the holes it came with", () => {
    const build = box(({ holes }, _, b) => {
      holes.count = 6;
      const nymph = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "stick-insect")!);
      b.brief.residents = [{ ...nymph, narrowestRigid: statedMm(0.4) }];
    });
    const ways = planned(build).snags.filter((s) => s.rule === "front/way-out");
    expect(ways.map((s) => s.subject).sort()).toEqual(["doors-edge", "lid-end", "lid-grooves", "own-holes"]);
    expect(planned(build).shell.gaps.map((g) => g.id)).toEqual(["doors-edge", "lid-grooves", "lid-end", "own-holes"]);
  });

  it("is told that magnets alone keep nobody strong in, and what a label is worth", () => {
    // A quarter at 1 mm, nothing from 2 mm (from memory).
    expect([0, 0.5, 1, 1.5, 2, 4].map(pullShare)).toEqual([1, 0.625, 0.25, 0.125, 0, 0]);
    const strong = box((_, __, b) => {
      b.brief.residents = [{ ...structuredClone(STARTER_RESIDENTS[0]!), mass: statedMm(900), body: "scaled" }];
    });
    // Four of 6 N at half a millimetre: 15 N. 900 g of scaled body: 3 × 0.9 × 9.81 N.
    expect(planned(strong).figures.find((f) => f.id === "shell/magnets")!.value).toBeCloseTo(15, 9);
    expect(snag(strong, "clear/magnets-let-go")!.sentence).toMatch(/15 N.*26\.5 N/);
    const clipped = applyFix(strong, snag(strong, "clear/magnets-let-go")!.fix!.patch);
    expect(snag(clipped, "clear/magnets-let-go")).toBeUndefined();
    expect(planned(clipped).steps.map((s) => s.id)).toContain("shell/fit-clip");
    expect(planned(clipped).supplies.find((s) => s.materialId === "lid-clip")!.likely).toBe(2);
    // The twin: a light one.
    const light = box((_, __, b) => {
      b.brief.residents = [{ ...structuredClone(STARTER_RESIDENTS[0]!), mass: statedMm(40), body: "scaled" }];
    });
    expect(snag(light, "clear/magnets-let-go")).toBeUndefined();
  });

  it("asks for a stop behind a door on magnets, a pin in a lid that slides, and no tape", () => {
    const stopless = box(({ door }) => {
      door.magnets.stop = "none";
    });
    expect(pressed(stopless, "clear/no-stop")).toMatchObject({ label: "Fit a stop behind its edge", left: undefined });
    expect(snag(box(), "clear/no-stop")).toBeUndefined();
    expect(pressed(box(), "clear/lid-slides-open").left).toBeUndefined();
    expect(
      pressed(
        box(({ door }) => {
          door.is = "hingeTape";
        }),
        "clear/hinge-tape",
      ).left,
    ).toBeUndefined();
  });

  it("keeps a hole's own diameter of plastic at an edge and between two (common practice, no source)", () => {
    const drilled = (edge: number, apart: number) =>
      box((found) => {
        found.holes.count = 4;
        Object.assign(found, { holeEdge: statedMm(edge), holeApart: statedMm(apart) });
      });
    expect(pressed(drilled(4, 20), "clear/hole-near-edge").left).toBeUndefined();
    expect(snag(drilled(6, 20), "clear/hole-near-edge")).toBeUndefined();
    expect(pressed(drilled(9, 5), "clear/holes-too-close").left).toBeUndefined();
    const tough = drilled(4, 5);
    (tough.variants[0]!.shell as ClearBoxShell).found.plastic = "polycarbonate";
    expect(snag(tough, "clear/hole-near-edge")).toBeUndefined();
  });

  it("has a lid that grows: 325 mm of acrylic by 0.34 mm in 15 K, by hand", () => {
    const p = planned(box());
    // 322 inside and 2 mm in each groove, less 1 mm of play.
    expect(p.figures.find((f) => f.id === "shell/lid-growth")!.value).toBeCloseTo(325 * 70e-6 * 15, 9);
    expect(p.snags.map((s) => s.rule)).not.toContain("clear/lid-binds");
    const tight = box(({ lid }) => {
      lid.width = statedMm(325.9);
    });
    expect(pressed(tight, "clear/lid-binds").left).toBeUndefined();
    const narrow = box(({ lid }) => {
      lid.width = statedMm(323);
    });
    expect(snag(narrow, "clear/lid-falls")!.reason).toMatch(/another wants 325 mm across/);
  });

  it("bows out under wet substrate, until there is less of it or its wall is thicker", () => {
    const full = (wall: number) =>
      box((found, shell) => {
        Object.assign(found, { width: statedMm(400), wall: statedMm(wall) });
        shell.groundDepth = statedMm(200);
        found.door.is = "none";
      });
    const thin = full(3);
    expect(snag(thin, "panes/wall-bows")).toMatchObject({ severity: "mind" });
    expect(snag(full(10), "panes/wall-bows")).toBeUndefined();
    const p = planned(thin);
    const { value, inputs } = p.figures.find((f) => f.id === "panes/back-heaped")!;
    const alpha = inputs.find((i) => i.name.startsWith("α"))!.value;
    // By hand: α · K·ρ·g·H⁵ ÷ (E·t³), E after years of creep 1.5 GPa (from memory).
    expect(value).toBeCloseTo((alpha * 0.5 * 1050 * 9.80665 * 0.2 ** 5 * 1000) / (1.5e9 * 0.003 ** 3), 6);
    let build = thin;
    for (let i = 0; i < 3 && snag(build, "panes/wall-bows"); i++)
      build = applyFix(build, snag(build, "panes/wall-bows")!.fix!.patch);
    expect(snag(build, "panes/wall-bows")).toBeUndefined();
  });

  it("has what is wanted on it fitted, with material and step, and its measures left as they were found", () => {
    const wanting = box((found) => {
      found.holes.count = 4;
      found.holeEdge = statedMm(4);
      found.lid.width = statedMm(325.9);
      found.door.magnets.stop = "none";
    });
    let build = wanting;
    for (const rule of ["clear/hole-near-edge", "clear/lid-binds", "clear/no-stop", "clear/lid-slides-open"])
      build = applyFix(build, snag(build, rule)!.fix!.patch);
    const { found } = build.variants[0]!.shell as ClearBoxShell;
    expect(found.holeEdge!.value).toBe(4);
    expect(found.lid.width!.value).toBe(325.9);
    const p = planned(build);
    const fitted = p.steps.filter((s) => /^shell\/(fit|patch|trim)/.test(s.id));
    expect(fitted.map((s) => s.id)).toEqual(["shell/fit-stop", "shell/fit-pin", "shell/patch-holes", "shell/trim-lid"]);
    const bought = new Set(p.supplies.map((s) => s.materialId));
    for (const step of fitted) for (const material of step.uses ?? []) expect(bought).toContain(material);
    // A stop all round the opening: 2 × (322 + 213).
    expect(p.supplies.find((s) => s.materialId === "stop-strip")!.likely).toBe(2 * (322 + 213));
    // Nothing of that is done to a box that wants none of it.
    expect(planned(box()).steps.filter((s) => /^shell\/(fit|patch|trim)/.test(s.id))).toEqual([]);
    const taped = box(({ door }) => {
      door.is = "hingeTape";
    });
    const hung = planned(applyFix(taped, snag(taped, "clear/hinge-tape")!.fix!.patch));
    expect(hung.supplies.find((s) => s.materialId === "butt-hinge")!.likely).toBe(2);
  });

  it("says at the place what cannot be, with the number that would be right", () => {
    expect(
      problems(
        box(({ lid }) => {
          lid.grooveDepth = statedMm(4);
        }),
      ),
    ).toEqual([
      ["/lid/grooveDepth", expect.stringMatching(/nothing is left behind it\. Type between 0\.5 mm and 3 mm/)],
    ]);
    expect(
      problems(
        box(({ lid }) => {
          lid.width = statedMm(330);
        }),
      ),
    ).toEqual([["/lid/width", expect.stringMatching(/wider than its grooves, 326 mm.*Type 326 mm or less/)]]);
    expect(
      problems(
        box(({ lid }) => {
          lid.thickness = statedMm(4);
        }),
      ),
    ).toEqual([["/lid/groove", expect.stringMatching(/does not go into a groove 3\.5 mm wide\. Type 4 mm or more/)]]);
    expect(
      problems(
        box((found) => {
          found.door.is = "none";
          found.lid.is = "fixed";
        }),
      ).map(([path]) => path),
    ).toContain("/lid/is");
  });
});
