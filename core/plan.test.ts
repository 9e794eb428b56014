import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { demoStock } from "../demo/tern-street";
import { jobBuild, jobInput, jobVariant, typed } from "../tests/job";
import { sawSizeMm } from "./cuts/sawSize";
import { parseLocal } from "./design/localTime";
import { type Plan, plan, publicPlan } from "./plan";
import { applyFix } from "./snags/fix";

const planned = plan(jobInput());
const figure = (p: Plan, id: string) => p.figures.find((f) => f.id === id)!;

describe("the whole job", () => {
  it("cuts seven panels from two sheets, proved", () => {
    const cut = Object.fromEntries(planned.parts.map((p) => [p.label, [sawSizeMm(p.lengthMm), sawSizeMm(p.widthMm)]]));
    expect(cut).toMatchObject({
      Top: [1520, 600],
      Base: [1520, 600],
      "Left side": [600, 600],
      "Right side": [600, 600],
      Back: [1520, 620],
      Dam: [1500, 100],
      "Head rail": [1500, 60],
      "Slide A, rear groove": [760.5, 427.5],
      "Top track": [1500, 0],
    });
    expect(planned.groups).toHaveLength(1);
    expect(planned.groups[0]!.bought).toEqual({ "pvc-foam-10-2440": 2 });
    expect(planned.groups[0]!.solution.bound.sheets).toBe(2);
  });

  it("says that the inset back takes three sheets, and what would save one", () => {
    const variant = jobVariant();
    variant.shell.joints.back = "inset";
    // Only whole sheets here: the small ones could stand in for the third.
    const input = jobInput(jobBuild(variant));
    input.book.materials = input.book.materials.map((m) =>
      m.class === "sheet" ? { ...m, stock: m.stock.slice(0, 1) } : m,
    );
    const inset = plan(input);
    expect(inset.tally.sheets).toBe(3);
    expect(inset.groups[0]!.solution.bound).toMatchObject({ sheets: 3, proof: "pairs" });
    const snag = inset.snags.find((s) => s.rule === "cuts/saves-a-sheet")!;
    expect(snag.sentence).toContain("3 sheets, €186.00 as drawn");
    expect(snag.sentence).toContain("The back laid over");
    expect(snag.sentence).toContain("10 mm less deep");
    const fixed = plan({ ...input, design: applyFix(input.design, snag.fix!.patch) });
    expect(fixed.tally.sheets).toBe(2);
  });

  it("works the money out by hand", () => {
    const lines = Object.fromEntries(planned.buying.lines.map((l) => [l.id, l.likelyMinor]));
    expect(lines["buying/pvc-foam-10"]).toBe(2 * 6200);
    // 0.7605 × 0.4275 m² at 48.00.
    expect(lines["buying/front/slide-a"]).toBe(1561);
    expect(planned.tally.costLikelyMinor).toBe(Object.values(lines).reduce<number>((a, b) => a + (b ?? 0), 0));
  });

  it("fills it only after bead, airing and audit, and says when", () => {
    const entry = (id: string) => planned.diary.entries.find((e) => e.stepId === id)!;
    expect(entry("cuts/saw").startAt).toBeGreaterThanOrEqual(entry("buying/fetch").readyAt);
    expect(entry("seal/bead").startAt).toBeGreaterThanOrEqual(entry("shell/glue").readyAt);
    expect(entry("ground/mix/mix").startAt).toBeGreaterThanOrEqual(entry("seal/air-out").readyAt);
    expect(entry("diary/residents-in").startAt).toBeGreaterThanOrEqual(entry("front/audit").readyAt);
    expect(entry("front/hang").startAt - entry("front/measure-opening").handsEndAt).toBeGreaterThanOrEqual(7 * 1440);
    expect(parseLocal(planned.tally.residentsInAt!)).toBe(planned.diary.residentsInAt);
  });

  it("weighs by hand: 3.7264 m² of 10 mm sheet at 600, two panes at 2500", () => {
    // 2·1520·600 + 2·600·600 + 1520·620 + 1500·160 = 3 726 400 mm².
    expect(figure(planned, "shell/mass-shell").value).toBeCloseTo(3.7264 * 0.01 * 600, 6);
    expect(figure(planned, "front/pane-mass").value).toBeCloseTo(2 * 0.7605 * 0.4275 * 0.004 * 2500, 6);
    // 0.9 m² of floor, 60 mm of wet ground at 1050.
    expect(planned.tally.massWetKg - planned.tally.massDryKg).toBeCloseTo(0.9 * 0.06 * 1050, 6);
  });

  it("counts sealant by hand: 8.3 m of hollow bead with a leg of 6, and a quarter lost", () => {
    expect(figure(planned, "seal/length").value).toBe(8300);
    expect(figure(planned, "seal/volume").value).toBeCloseTo(0.2146 * 36 * 8.3 * 1.25, 1);
  });

  it("is the same for the same input, and plain JSON throughout", () => {
    const again = publicPlan(plan(jobInput()));
    expect(again).toEqual(publicPlan(planned));
    expect(JSON.parse(JSON.stringify(again))).toEqual(again);
  });

  it("gives every ledger row's figure, and every figure's inputs, something to point at", () => {
    const ids = new Set(planned.figures.map((f) => f.id));
    expect(ids.size).toBe(planned.figures.length);
    const used = [...planned.parts, ...planned.supplies, ...planned.steps, ...planned.snags].flatMap((row) =>
      row.figure ? [row.figure] : [],
    );
    for (const id of [
      ...used,
      ...planned.figures.flatMap((f) => f.inputs.flatMap((i) => (i.figure ? [i.figure] : []))),
    ])
      expect(ids).toContain(id);
  });

  it("uses an offcut from the rack before buying", () => {
    const withRack = plan({ ...jobInput(), stock: demoStock });
    expect(withRack.groups[0]!.offcutsUsed).toEqual(["rack-1"]);
    expect(withRack.tally.sheets).toBe(2);
  });

  it("marks a waived snag, and leaves it in sight", () => {
    const design = jobBuild();
    const snag = planned.snags.find((s) => s.rule === "shell/heavy-lift")!;
    design.waivers = [{ rule: snag.rule, subject: snag.subject, reason: "two of us" }];
    expect(plan(jobInput(design)).snags.find((s) => s.rule === snag.rule)!.waived).toEqual({ reason: "two of us" });
  });
});

it("plans the demo builds as they stand", () => {
  for (const design of demoBuilds()) {
    const p = plan({ ...jobInput(design), stock: demoStock });
    expect(p.parts.length + p.supplies.length).toBeGreaterThan(0);
    expect(
      p.steps.some((s) => s.stage === "shell"),
      design.name,
    ).toBe(true);
    expect(p.diary.residentsInAt).not.toBeNull();
    expect(p.groups.every((g) => g.solution.unplaced.length === 0)).toBe(true);
  }
});

it("reads the same job in inches to the same sheets", () => {
  const variant = jobVariant();
  variant.shell.size = {
    ...variant.shell.size,
    width: typed('59 1/16"'),
    depth: typed('23 5/8"'),
    height: typed('23 5/8"'),
  };
  const inches = plan(jobInput(jobBuild(variant)));
  expect(inches.tally.sheets).toBe(2);
  for (const [i, part] of inches.parts.entries()) {
    expect(part.id).toBe(planned.parts[i]!.id);
    expect(Math.abs(sawSizeMm(part.lengthMm) - sawSizeMm(planned.parts[i]!.lengthMm))).toBeLessThanOrEqual(0.2 + 1e-9);
    expect(Math.abs(sawSizeMm(part.widthMm) - sawSizeMm(planned.parts[i]!.widthMm))).toBeLessThanOrEqual(0.2 + 1e-9);
  }
});
