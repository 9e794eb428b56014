import { describe, expect, it } from "vitest";
import { flatPack, haberdasher, nurseryTub } from "../../../demo/builds";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { FaceId, LayerId } from "../../design/names";
import { SAFETY_SPLITS } from "../../design/names";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import { plan } from "../../plan";
import { applyFix } from "../../snags/fix";
import type { Layer } from "../schema";
import { coatedM2 } from "./area";
import { judgeStack } from "./judgeStack";
import { layerKind } from "./layers";
import { facesToCoat, waysFor } from "./schools";

const layer = (id: LayerId, damp = false): Layer => ({ id: id.toLowerCase(), layer: id, coats: null, damp });
const put = (build: Build, face: FaceId, ...layers: Layer[]): Build => {
  chosenVariant(build).seal.stacks.push({ face, layers });
  return build;
};
const planned = (build: Build) => plan(jobInput(build));
const snag = (build: Build, rule: string) => planned(build).snags.find((s) => s.rule === rule);
/** The snags of a rule once its fix, which must be there, is pressed. */
const afterFix = (build: Build, rule: string) => {
  const fix = snag(build, rule)!.fix!;
  return { label: fix.label, left: snag(applyFix(build, fix.patch), rule), build: applyFix(build, fix.patch) };
};

describe("a stack of layers", () => {
  const holdings = (wall: Parameters<typeof judgeStack>[0], ...ids: Layer[]) =>
    judgeStack(wall, ids).map((l) => l.holding ?? "work");

  it("is judged by direction: rubber then silicone holds, silicone then rubber never (common practice, no source)", () => {
    expect(holdings("glass", layer("rubberBrush"), layer("beads"))).toEqual(["holds", "holds"]);
    expect(holdings("glass", layer("beads"), layer("rubberBrush"))).toEqual(["holds", "never"]);
  });
  it("is judged by key: PVC wants sanding before rubber", () => {
    expect(holdings("pvcFoam", layer("rubberBrush"))).toEqual(["holdsIf"]);
    expect(holdings("pvcFoam", layer("key"), layer("rubberBrush"))).toEqual(["work", "holds"]);
    // A key is used up by what covers it.
    expect(holdings("plywood", layer("key"), layer("varnish"), layer("epoxy"))[2]).toBe("unknown");
  });
  it("is judged by dryness: damp fibre kills silicone, PU glue takes it", () => {
    const foam = [layer("foamPond"), layer("carve")];
    expect(holdings("rubber", ...foam, layer("siliconeFibre"))[2]).toBe("holds");
    expect(holdings("rubber", ...foam, layer("siliconeFibre", true))[2]).toBe("never");
    expect(holdings("rubber", ...foam, layer("puGlueFibre", true))[2]).toBe("holds");
  });
  it("knows skin from carved foam", () => {
    expect(holdings("rubber", layer("foamPond"), layer("siliconeFibre"))[1]).toBe("risky");
    expect(holdings("rubber", layer("carve"), layer("foamPond"), layer("waterproofer"))).toEqual([
      "work",
      "holds",
      "risky",
    ]);
  });
});

describe("mistakes made on purpose are stopped, with a reason and a cure that clears them", () => {
  it("rubber over silicone", () => {
    const build = put(haberdasher(), "back", layer("beads"), layer("key"), layer("rubberSpray"));
    expect(snag(build, "seal/bond")).toMatchObject({
      severity: "stop",
      subject: "back/rubberspray",
      reason: expect.stringMatching(/does not grip cured silicone.*Coat first.*common practice/),
    });
    const { label, left, build: fixed } = afterFix(build, "seal/bond");
    expect([label, left]).toEqual(["Put it on before the silicone, sanded to a key first", undefined]);
    expect(
      chosenVariant(fixed)
        .seal.stacks.at(-1)!
        .layers.map((l) => l.layer),
    ).toEqual(["key", "rubberSpray", "beads", "key"]);
  });
  it("silicone onto damp fibre", () => {
    const build = put(
      flatPack(),
      "back",
      layer("key"),
      layer("rubberBrush"),
      layer("foamPond"),
      layer("carve"),
      layer("siliconeFibre", true),
    );
    expect(snag(build, "seal/bond")).toMatchObject({ severity: "stop", sentence: expect.stringMatching(/damp fibre/) });
    expect(afterFix(build, "seal/bond")).toMatchObject({ label: "Dry the fibre first", left: undefined });
  });
  it("a roof cut after coating", () => {
    const build = put(flatPack(), "top", layer("key"), layer("rubberBrush"), layer("openings"));
    expect(snag(build, "seal/openings-after-coat")).toMatchObject({
      severity: "stop",
      reason: expect.stringMatching(/Cut first, or coat again/),
    });
    expect(afterFix(build, "seal/openings-after-coat")).toMatchObject({
      label: "Cut the openings first",
      left: undefined,
    });
  });
  it("a tub of polypropylene to be glued", () => {
    const build = put(nurseryTub(), "back", layer("rubberBrush"));
    expect(snag(build, "seal/bond")).toMatchObject({
      severity: "stop",
      reason: expect.stringMatching(/Screw, bolt or weld/),
    });
    expect(afterFix(build, "seal/bond")).toMatchObject({ label: "Leave this layer off", left: undefined });
  });
  it("galvanised steel in water", () => {
    const build = haberdasher();
    const { shell } = chosenVariant(build);
    if (shell.kind !== "cabinet") throw new Error("the haberdasher's is a cabinet");
    shell.found.faces.left.material = "galvanised";
    expect(snag(build, "seal/galvanised-in-water")).toMatchObject({ severity: "stop", subject: "left" });
    expect(afterFix(build, "seal/galvanised-in-water")).toMatchObject({
      label: "Key it and brush rubber on",
      left: undefined,
    });
  });
  it("a bead where there is no seam, or none is chosen", () => {
    const tub = put(nurseryTub(), "back", layer("beads"));
    expect(afterFix(tub, "seal/bead-without-seam")).toMatchObject({ label: "Take the beads off", left: undefined });
    const box = put(flatPack(), "back", layer("key"), layer("beads"));
    chosenVariant(box).seal.seams = "none";
    expect(afterFix(box, "seal/bead-without-seam")).toMatchObject({ label: "Bead every seam", left: undefined });
  });
  it("a stack where there is no wall", () => {
    const build = put(flatPack(), "front", layer("rubberBrush"));
    expect(afterFix(build, "seal/stack-on-nothing")).toMatchObject({ label: "Take the stack off", left: undefined });
  });
});

describe("what a stack takes", () => {
  const coated = (coats: number) => {
    const build = put(flatPack(), "back", layer("key"), {
      ...layer("rubberBrush"),
      coats: { typed: `${coats}`, value: coats, how: "stated" },
    });
    return planned(build);
  };
  it("is area times coats, by what a litre covers and what is lost", () => {
    const p = coated(3);
    const figure = p.figures.find((f) => f.id === "seal/coat/rubberBrush")!;
    // The back of the flat-pack, 1.5 m × 0.6 m inside, with no window in it: 0.9 m² × 3 ÷ 1.25 × 1.1.
    expect(figure.inputs[0]!.value).toBeCloseTo(2.7, 2);
    expect(figure.value).toBeCloseTo((2.7 / 1.25) * 1000 * 1.1, -1);
    expect(figure.low!).toBeLessThan(figure.value);
    expect(p.supplies.find((s) => s.id === "seal/coat/rubberBrush")).toMatchObject({
      likely: figure.value,
      unit: "mL",
    });
  });
  it("goes on coat by coat, the face down, after its cuts and before the beads", () => {
    const p = coated(2);
    const step = (id: string) => p.steps.find((s) => s.id === id)!;
    expect(step("seal/back/rubberbrush-2").after.map((a) => a.id)).toEqual(["seal/back/rubberbrush-1"]);
    expect(step("seal/back/rubberbrush-1")).toMatchObject({
      posture: "onBack",
      holdsPosture: true,
      waitMinutes: 24 * 60,
    });
    expect(step("seal/back/key-1").after.map((a) => a.id)).toContain("shell/glue");
    expect(step("seal/bead").after.map((a) => a.id)).toContain("seal/back/rubberbrush-2");
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    expect(at("seal/bead").startAt).toBeGreaterThanOrEqual(at("seal/back/rubberbrush-2").readyAt);
  });
  it("is tried before the water test once it may get wet, and airs as long as its slowest coat", () => {
    const build = put(haberdasher(), "base", layer("key"), layer("epoxy"));
    const p = planned(build);
    const at = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    // 72 h until pond resin may stand in water.
    expect(p.steps.find((s) => s.id === "seal/coats-dry")).toMatchObject({ waitMinutes: 72 * 60 });
    expect(at("seal/water-test").startAt).toBeGreaterThanOrEqual(at("seal/coats-dry").readyAt);
    const tub = put(flatPack(), "back", layer("key"), layer("varnish"));
    chosenVariant(tub).seal.seams = "none";
    chosenVariant(tub).seal.airingDays = { typed: "1", value: 1, how: "stated" };
    expect(planned(tub).steps.find((s) => s.id === "seal/air-out")).toMatchObject({ waitMinutes: 168 * 60 });
  });
  it("that the book does not hold is said, and has no price of zero", () => {
    const input = jobInput(put(flatPack(), "back", layer("key"), layer("rubberBrush")));
    input.book.materials = input.book.materials.filter((m) => m.class !== "coat");
    const p = plan(input);
    expect(p.snags.find((s) => s.rule === "seal/coat-not-in-book")!.sentence).toMatch(/neither bought nor weighed/);
    expect(waysFor(p.site).every((w) => w.costMinor === null)).toBe(true);
  });
  it("is bought, in whole packs", () => {
    expect(coated(2).buying.lines.find((l) => l.materialId === "rubber-brush")!.safe.length).toBeGreaterThan(0);
  });
});

describe("ways side by side", () => {
  it("are reckoned for the same faces, and their cost and days follow from coats and yield", () => {
    const { site } = planned(flatPack());
    const ways = waysFor(site);
    const brush = ways.find((w) => w.layer === "rubberBrush")!;
    const m2 = facesToCoat(site).reduce((sum, f) => sum + coatedM2(f, site.shell, site.variant), 0);
    // 3 coats at 1.25 m² a litre, a tenth lost.
    expect(brush.litres).toBeCloseTo(((m2 * 3) / 1.25) * 1.1, 6);
    expect(brush.days).toBeCloseTo((facesToCoat(site).length * 3 * 24 + 48) / 24, 6);
    expect(brush.costMinor).toBeGreaterThan(0);
    expect(ways.find((w) => w.layer === "varnish")!.kind.keeps).toBe("splash");
    expect(ways.find((w) => w.layer === "rubberSpray")!.failsOn).toEqual([]);
  });
  it("take four to six cans of spray for a tall display cabinet inside (common practice, no source)", () => {
    const { m2PerLitre, coats } = layerKind("rubberSpray");
    // 450 × 400 × 1700 mm inside without its glass front: back, two sides, base and top; a quarter lost.
    const m2 = 0.45 * 1.7 + 2 * 0.4 * 1.7 + 2 * 0.45 * 0.4;
    const cans = (m2 * coats.value * 1.25) / m2PerLitre!.value / 0.4;
    expect(cans).toBeGreaterThan(4);
    expect(cans).toBeLessThan(6);
  });
  it("say where one does not hold at all", () => {
    const { site } = planned(put(nurseryTub(), "back", layer("key")));
    expect(waysFor(site).every((w) => w.failsOn.includes("back"))).toBe(true);
  });
});

describe("splits on which safety hangs", () => {
  it("ask to be decided where the build runs into them, and are silent once they are", () => {
    const build = put(haberdasher(), "back", layer("rubberSpray"));
    const { seal } = chosenVariant(build);
    seal.standingWater = statedMm(60);
    seal.decisions = [];
    expect(snag(build, "seal/decide")!.sentence).toMatch(/aerosol.*grade of silicone.*Which water/s);
    for (const split of SAFETY_SPLITS) seal.decisions.push({ split, school: "pure", reason: "label read" });
    expect(snag(build, "seal/decide")).toBeUndefined();
  });
});
