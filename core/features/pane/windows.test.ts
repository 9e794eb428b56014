import { describe, expect, it } from "vitest";
import { flatPack } from "../../../demo/builds";
import { jobInput } from "../../../tests/job";
import { statedMm } from "../../design/measure";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import { plan } from "../../plan";
import { applyFix } from "../../snags/fix";
import type { Pane } from "./schema";

const window = (onHand: Pane["onHand"]): Pane => ({
  id: "window",
  name: "Window",
  face: "back",
  kind: "pane",
  origin: "made",
  width: statedMm(320),
  height: statedMm(180),
  lap: statedMm(15),
  glass: "glass-4",
  onHand,
  u: statedMm(750),
  v: statedMm(350),
});
const withPane = (onHand: Pane["onHand"]): Build => {
  const build = flatPack();
  chosenVariant(build).features.push(window(onHand));
  return build;
};
const size = (w: number, h: number) => ({ width: statedMm(w), height: statedMm(h) });
const tooSmall = (build: Build) => plan(jobInput(build)).snags.find((s) => s.rule === "windows/pane-too-small");

describe("a pane over an opening of its own", () => {
  it("is ordered with its lap, and bedded after its opening is cut and the sheet keyed", () => {
    const { parts, steps, supplies } = plan(jobInput(withPane(null)));
    expect(parts.find((p) => p.id === "windows/window/pane")).toMatchObject({
      kind: "pane",
      lengthMm: 350,
      widthMm: 210,
      thicknessMm: 4,
    });
    expect(steps.find((s) => s.id === "windows/set/window")!.after.map((a) => a.id)).toEqual([
      "air/cut/window",
      "seal/key",
      "buying/fetch",
    ]);
    // Two beads of leg 6 round 1000 mm: 2 × (1 − π/4) × 36 × 1000 = 15.5 mL, with the sealant's waste.
    const leg = chosenVariant(withPane(null)).seal.leg.value;
    const bead = supplies.find((s) => s.id === "windows/window/bead")!;
    expect(bead.likely).toBeGreaterThan((2 * (1 - Math.PI / 4) * leg ** 2 * 1000) / 1000);
  });

  it("takes nothing from the order where the pane is on hand", () => {
    expect(plan(jobInput(withPane(size(350, 210)))).parts.map((p) => p.id)).not.toContain("windows/window/pane");
  });

  it("is stopped where the window is larger than its pane, with the size that would do", () => {
    const build = withPane(size(330, 190));
    const snag = tooSmall(build)!;
    expect(snag.sentence).toBe("The pane is 330 mm × 190 mm; this opening needs one of 336 mm × 196 mm or more.");
    const fixed = applyFix(build, snag.fix!.patch);
    expect(tooSmall(fixed)).toBeUndefined();
    expect(chosenVariant(fixed).features.at(-1)).toMatchObject({ width: { value: 314 }, height: { value: 174 } });
    expect(tooSmall(withPane(size(336, 196)))).toBeUndefined();
  });

  it("keeps its pane on the sheet, not only its opening", () => {
    const build = withPane(size(380, 240));
    chosenVariant(build).features.at(-1)!.u = statedMm(180);
    const near = plan(jobInput(build)).snags.find(
      (s) => s.rule === "place/too-near-the-edge" && s.subject === "window",
    )!;
    expect(near.sentence).toMatch(/20 mm of sheet is left; 30 mm is wanted/);
  });

  it("is cut before the beads, and bedded before the water test and the airing", () => {
    const build = withPane(null);
    chosenVariant(build).seal.standingWater = statedMm(40);
    const { steps, diary } = plan(jobInput(build));
    const waits = (id: string) => steps.find((s) => s.id === id)!.after.map((a) => a.id);
    expect(waits("seal/bead")).toContain("air/cut/window");
    expect(waits("seal/water-test")).toContain("windows/set/window");
    const at = (id: string) => diary.entries.find((e) => e.stepId === id)!;
    expect(at("windows/set/window").readyAt).toBeLessThanOrEqual(at("seal/water-test").startAt);
  });

  it("is aired out also where no seam is beaded", () => {
    const build = withPane(null);
    chosenVariant(build).seal.seams = "none";
    expect(
      plan(jobInput(build))
        .steps.find((s) => s.id === "seal/air-out")!
        .after.map((a) => a.id),
    ).toEqual(["windows/set/window"]);
    chosenVariant(build).features.pop();
    expect(plan(jobInput(build)).steps.map((s) => s.id)).not.toContain("seal/air-out");
  });

  it("is stopped where water stands against it", () => {
    const build = withPane(null);
    const rule = () => plan(jobInput(build)).snags.find((s) => s.rule === "windows/under-water");
    chosenVariant(build).seal.standingWater = statedMm(60);
    expect(rule()).toBeUndefined();
    // The opening begins at 350 − 90 = 260 mm.
    chosenVariant(build).features.at(-1)!.v = statedMm(130);
    expect(rule()!.sentence).toBe("Its opening begins 40 mm above the base; water stands to 60 mm.");
  });
});
