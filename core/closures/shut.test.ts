import { describe, expect, it } from "vitest";
import { antYard, haberdasher, nurseryTub } from "../../demo/builds";
import { jobBuild, jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { checkDesign } from "../document/check";
import { newBuild, newVariant } from "../document/create";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import type { CabinetShell } from "../shell/kinds/cabinet/schema";
import type { TubShell } from "../shell/kinds/tub/schema";
import { HUNG } from "./facts";
import { type Lid, newLid } from "./kinds/lid/schema";
import type { Closure } from "./schema";

const closed = (closure: Closure): Build => {
  const build = newBuild("Tank", { unit: "mm" }, newVariant("tank"));
  chosenVariant(build).closures = [closure];
  build.brief.residents = jobBuild().brief.residents;
  return build;
};
const way = (build: Build, id: string) => plan(jobInput(build)).audit.audits[0]!.ways.find((w) => w.id === id);

describe("a lid", () => {
  const lid: Lid = { ...newLid("top", { kind: "key", origin: "made" }), gap: statedMm(2), clips: 8 };

  it("is a way out by its gap and by how much it shifts on its rim", () => {
    // 2 mm measured, half a millimetre of seat.
    expect(way(closed(lid), "lid")).toMatchObject({ worstMm: 2.5, likelyMm: 2.5, passes: true });
    // A boa of 14 mm at a factor of a half passes 7.
    expect(way(closed({ ...lid, gap: statedMm(7) }), "lid")!.passes).toBe(false);
  });

  it("needs its clips bought and its lock fitted", () => {
    const p = plan(jobInput(closed(lid)));
    expect(p.supplies.find((s) => s.materialId === "lid-clip")!.likely).toBe(8);
    expect(p.supplies.map((s) => s.materialId)).toContain("key-lock");
    expect(p.supplies.map((s) => s.materialId)).not.toContain("finger-pull");
    expect(p.steps.find((s) => s.id === "front/lock")!.detail).toMatch(/where it opens/);
    // Two packs of four clips.
    expect(p.buying.lines.find((l) => l.materialId === "lid-clip")!.likely).toMatchObject([{ count: 2 }]);
  });

  it("refuses a gap that is no lid's", () => {
    const build = closed({ ...lid, gap: statedMm(80) });
    expect(checkDesign(build, jobInput().book)).toContainEqual({
      path: "/variants/0/closures/0/gap",
      message: expect.stringMatching(/80 mm is too large. Type 50 mm or less/),
    });
  });
});

describe("what a shell came with", () => {
  it("makes a tub's lid gap and a cabinet's door gaps ways out, and no open front", () => {
    const tub = plan(jobInput(nurseryTub()));
    expect(tub.audit.ways.map((w) => w.id)).toEqual(["lid", "low-1", "high-1"]);
    const cabinet = plan(jobInput(haberdasher()));
    expect(cabinet.audit.ways.map((w) => w.id)).toEqual(expect.arrayContaining(["doors-meet", "doors-edge"]));
    expect(cabinet.audit.ways.map((w) => w.id)).not.toContain("front");
  });

  it("has no meeting gap with one leaf", () => {
    const build = haberdasher();
    (chosenVariant(build).shell as CabinetShell).found.doors.leaves = 1;
    expect(plan(jobInput(build)).audit.ways.map((w) => w.id)).not.toContain("doors-meet");
  });

  it("wants two catches on a lid, by its fix", () => {
    const build = nurseryTub();
    (chosenVariant(build).shell as TubShell).found.catches = 1;
    const snag = plan(jobInput(build)).snags.find((s) => s.rule === "shell/few-catches")!;
    expect(snag.sentence).toBe("One catch on the lid.");
    expect(snag.fix!.patch).toMatchObject([{ path: "/variants/0/shell/found/catches", value: 2 }]);
  });

  it("wants a key lock for what is dangerous, in words that fit", () => {
    const build = antYard();
    build.brief.residents[0]!.dangerous = true;
    const snag = plan(jobInput(build)).snags.find((s) => s.rule === "front/no-lock")!;
    expect(snag).toMatchObject({ severity: "stop", title: "A key lock is wanted", subject: "lid" });
    expect(snag.sentence).toBe("Carpenter ant: no lock on the lid.");
    expect(snag.fix!.label).toBe("Fit a key lock");
  });
});

describe("doors at their worst for standing", () => {
  it("are both panes at the front edge", () => {
    const p = plan(jobInput());
    const hung = p.facts.one(HUNG)!;
    expect(hung.kg).toBeCloseTo(p.figures.find((f) => f.id === "front/pane-mass")!.value, 9);
    expect(hung).toMatchObject({ beforeMm: 0, label: "Both panes" });
  });

  it("are a cabinet's leaves swung out half their width, weighed once", () => {
    const p = plan(jobInput(haberdasher()));
    const hung = p.facts.one(HUNG)!;
    // 1028 × 668 of 4 mm glass; a leaf of 514, its middle 257 before the front.
    expect(hung.kg).toBeCloseTo((1028 * 668 * 4 * 2500) / 1e9, 9);
    expect(hung.beforeMm).toBe(257);
    expect(hung.replaces).toBe("face/front");
    const inputs = p.figures.find((f) => f.id === "shell/centre-height")!.inputs.map((i) => i.name);
    expect(inputs.filter((n) => /^(Front|Doors)/.test(n))).toEqual(["Doors, open, height of its middle"]);
  });

  it("leave a glazed box steadier than a cabinet of the same size with its doors swung out", () => {
    const tips = (build: Build) => plan(jobInput(build)).figures.find((f) => f.id === "shell/tipping")!.value;
    const oneLeaf = haberdasher();
    (chosenVariant(oneLeaf).shell as CabinetShell).found.doors.leaves = 1;
    // One leaf swings out twice as far as two.
    expect(tips(oneLeaf)).toBeLessThan(tips(haberdasher()));
    const light = haberdasher();
    (chosenVariant(light).shell as CabinetShell).found.faces.front = { material: "acrylic", thickness: statedMm(3) };
    expect(tips(light)).toBeGreaterThan(tips(haberdasher()));
    const legs = haberdasher();
    (chosenVariant(legs).shell as CabinetShell).found.legs = statedMm(600);
    // Legs lift the middle of mass, and with it the edge it tips over comes nearer.
    expect(tips(legs)).toBeLessThan(tips(haberdasher()));
  });

  it("lift out of the way where one reaches in from above", () => {
    const p = plan(jobInput(nurseryTub()));
    const inputs = p.figures.find((f) => f.id === "shell/centre-height")!.inputs.map((i) => i.name);
    expect(inputs).toHaveLength(6);
    expect(inputs[1]).toMatch(/Lid/);
    expect(p.figures.find((f) => f.id === "shell/tipping")!.value).toBeGreaterThan(30);
  });

  it("are none where one reaches in from above", () => {
    expect(plan(jobInput(nurseryTub())).facts.one(HUNG)).toBeUndefined();
  });
});
