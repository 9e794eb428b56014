import { describe, expect, it } from "vitest";
import { flatPack, haberdasher, nurseryTub, towerOnEnd } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { newBuild, newVariant } from "../document/create";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import { sealedSeams } from "./beads";

const planned = (build: Build) => plan(jobInput(build));
const length = (list: { lengthMm: number }[]) => list.reduce((sum, s) => sum + s.lengthMm, 0);
const tank = () => {
  const build = newBuild("Tank", { unit: "mm" }, newVariant("tank"));
  chosenVariant(build).seal.standingWater = statedMm(50);
  return build;
};

describe("seams of each shell", () => {
  it("of a tank run round its base and up its four corners, none at the open top", () => {
    const { seams } = planned(tank()).shell;
    // 792 × 342 × 396 inside.
    expect(length(seams)).toBe(2 * 792 + 2 * 342 + 4 * 396);
    expect(seams.some((s) => s.id.includes("top"))).toBe(false);
    // The walls hold water to the rim: every corner is wet all the way.
    expect(seams.every((s) => s.wet)).toBe(true);
  });

  it("of a tank on end leave its open front to the dam", () => {
    const { seams } = planned(towerOnEnd()).shell;
    expect(seams.some((s) => s.id === "seam/base-front")).toBe(false);
    expect(seams.find((s) => s.id === "seam/base-dam")!.lengthMm).toBeCloseTo(295.275, 6);
  });

  it("of a moulded tub are none", () => {
    const p = planned(nurseryTub());
    expect(p.shell.seams).toEqual([]);
    expect(sealedSeams(p.site)).toEqual([]);
    // Its drain layer holds water, so that it is tested, without a bead.
    expect(p.steps.filter((s) => s.id.startsWith("seal/")).map((s) => s.id)).toEqual(["seal/water-test"]);
  });

  it("are beaded at the foot alone when asked, all of them when asked", () => {
    const build = haberdasher();
    const seal = chosenVariant(build).seal;
    seal.seams = "base";
    const foot = length(sealedSeams(planned(build).site));
    seal.seams = "all";
    const all = length(sealedSeams(planned(build).site));
    expect(foot).toBe(2 * 1080 + 2 * 508 + 4 * 109);
    expect(all).toBeGreaterThan(foot);
  });
});

describe("the water test", () => {
  const detail = (build: Build) => planned(build).steps.find((s) => s.id === "seal/water-test")?.detail;

  it("is filled 20 mm over the working line, but never over a tray or a dam", () => {
    expect(detail(tank())).toMatch(/Fill to 70 mm\./);
    const cabinet = haberdasher();
    chosenVariant(cabinet).seal.standingWater = statedMm(100);
    expect(detail(cabinet)).toMatch(/Fill to 115 mm, the top of the dam/);
  });

  it("is not asked for where no water stands", () => {
    expect(detail(flatPack())).toBeUndefined();
  });

  it("takes the level at which the panes are judged", () => {
    const p = planned(tank());
    const pane = p.figures.find((f) => f.id === "panes/front")!;
    expect(pane.inputs[0]).toMatchObject({ name: "water at the test, H", value: 70 });
    // No rim holds the upper edge of this tank.
    expect(pane.inputs[2]!.name).toMatch(/top edge free/);
    const rimmed = tank();
    const { shell } = chosenVariant(rimmed);
    if (shell.kind === "tank") shell.found.rim = statedMm(30);
    expect(planned(rimmed).figures.find((f) => f.id === "panes/front")!.inputs[2]!.name).toMatch(/four edges held/);
  });

  it("finds a pane too thin for deep water, and says what it wants", () => {
    const build = tank();
    chosenVariant(build).seal.standingWater = statedMm(360);
    const thin = planned(build).snags.filter((s) => s.rule === "panes/too-thin");
    expect(thin.map((s) => s.subject)).toEqual(expect.arrayContaining(["front", "back"]));
    expect(thin[0]!.sentence).toMatch(/^4 mm; water of 380 mm over \d+ mm wants \d/);
  });
});
