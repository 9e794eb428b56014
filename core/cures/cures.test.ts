import { describe, expect, it } from "vitest";
import { brambleTower, haberdasher } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { type Plan, plan } from "../plan";
import type { CabinetShell } from "../shell/kinds/cabinet/schema";
import { applyFix } from "../snags/fix";
import { CURES } from "./list";
import type { CureId } from "./names";

const planned = (build: Build) => plan(jobInput(build));
const wayOut = (p: Plan, subject: string) => p.snags.find((s) => s.rule === "front/way-out" && s.subject === subject);
const value = (p: Plan, id: string) => p.figures.find((f) => f.id === id)!.value;

/** The cabinet with something laid where its doors meet, a gap of 3.4 mm over 668. */
function cured(kind: CureId, change?: (build: Build) => void): Build {
  const build = haberdasher();
  chosenVariant(build).cures = [{ id: "c", way: "doors-meet", kind, origin: "made", mesh: null }];
  change?.(build);
  return build;
}

describe("the cabinet's 3.4 mm where the doors meet", () => {
  it("are cleared by pressing their cure, and the air moves", () => {
    const build = haberdasher();
    const before = planned(build);
    const snag = wayOut(before, "doors-meet")!;
    expect(snag.fix!.label).toBe("Silicone a clear stop strip behind it");
    const after = planned(applyFix(build, snag.fix!.patch));
    expect(wayOut(after, "doors-meet")).toBeUndefined();
    // 3.4 × 668 mm open before, 0.5 × 668 after.
    expect(value(before, "air/gaps") - value(after, "air/gaps")).toBeCloseTo((2.9 * 668) / 100, 6);
    expect(value(after, "air/changes")).toBeLessThan(value(before, "air/changes"));
    // What stays open, its metres and what is bought stand in the plan.
    expect(
      after.figures.find((f) => f.label === "Left open where the doors meet, by a clear stop strip behind the edge"),
    ).toMatchObject({ value: 0.5 });
    expect(after.supplies.find((s) => s.materialId === "stop-strip")!.low).toBe(668);
    expect(after.buying.lines.some((l) => l.materialId === "stop-strip" && l.likelyMinor !== null)).toBe(true);
  });

  // Common practice, no source: brush 1, profile up to 1, stop 0.5, bulb 0.
  it.each([
    ["brush", 1],
    ["profile", 1],
    ["stop", 0.5],
    ["bulb", 0],
  ] as const)("under %s stay open by %s mm", (kind, mm) => {
    const p = planned(cured(kind));
    expect(p.audit.audits[0]!.ways.find((w) => w.id === "doors-meet")!.worstMm).toBe(mm);
    // 67.84 cm² round the doors stay as they are.
    expect(value(p, "air/gaps")).toBeCloseTo(67.84 + (mm * 668) / 100, 6);
  });

  it("are tried for shutting where something presses on the doors, before the gaps are walked round", () => {
    const steps = (p: Plan) => p.steps.map((s) => s.id);
    const p = planned(cured("bulb"));
    expect(steps(p)).toContain("cures/c/shuts");
    expect(p.steps.find((s) => s.id === "front/audit")!.after.map((a) => a.id)).toContain("cures/c/shuts");
    expect(steps(planned(cured("stop")))).not.toContain("cures/c/shuts");
  });

  it("are not left to foam or rubber where somebody chews, and those are not offered", () => {
    const chewing = (build: Build) => {
      build.brief.residents[0]!.traits.chews = true;
    };
    const p = planned(cured("bulb", chewing));
    const snag = p.snags.find((s) => s.rule === "cures/chewed")!;
    expect(snag.severity).toBe("stop");
    expect(planned(cured("bulb")).snags.some((s) => s.rule === "cures/chewed")).toBe(false);
    // Where only a seal would do, nothing is offered to who chews.
    const tiny = (build: Build) => {
      build.brief.residents[0]!.narrowestRigid = statedMm(0.6);
    };
    const bare = haberdasher();
    tiny(bare);
    expect(wayOut(planned(bare), "doors-meet")!.fix!.label).toBe(CURES.bulb.label);
    chewing(bare);
    expect(wayOut(planned(bare), "doors-meet")!.fix).toBeUndefined();
  });
});

describe("a cure of several places", () => {
  it("takes a block for each notch, and a patch of mesh for each hole", () => {
    const build = brambleTower();
    const own = chosenVariant(build);
    own.cures = [{ id: "c", way: "notches", kind: "block", origin: "made", mesh: null }];
    expect(planned(build).supplies.find((s) => s.materialId === "slide-block")!.likely).toBe(2);
    own.cures = [{ id: "c", way: "notches", kind: "mesh", origin: "made", mesh: "steel-mesh-no-18" }];
    // Notches of 18, 20 of lap all round.
    expect(planned(build).parts.find((x) => x.id === "cures/c/mesh")).toMatchObject({
      ...{ qty: 2, lengthMm: 58, widthMm: 58 },
    });
  });
});

describe("a gap that is a guess", () => {
  it("is judged at its widest, also under what is laid there", () => {
    const build = haberdasher();
    const own = chosenVariant(build);
    (own.shell as CabinetShell).found.doors.meetingGap = {
      typed: "about 0.4",
      value: 0.4,
      how: "guessed",
      low: 0,
      high: 3,
    };
    const worst = () => planned(build).audit.audits[0]!.ways.find((w) => w.id === "doors-meet")!.worstMm;
    expect(worst()).toBe(3);
    own.cures = [{ id: "c", way: "doors-meet", kind: "stop", origin: "made", mesh: null }];
    expect(worst()).toBe(0.5);
  });
});

describe("a cure", () => {
  it("that came with the shell is neither bought nor fitted, and closes all the same", () => {
    const build = cured("brush", (b) => {
      chosenVariant(b).cures[0]!.origin = "found";
    });
    const p = planned(build);
    expect(p.supplies.some((s) => s.id.startsWith("cures/"))).toBe(false);
    expect(p.steps.some((s) => s.id.startsWith("cures/"))).toBe(false);
    expect(p.audit.audits[0]!.ways.find((w) => w.id === "doors-meet")!.worstMm).toBe(1);
  });

  it("whose gap is gone is told, and taken out by its fix", () => {
    const build = cured("brush", (b) => {
      chosenVariant(b).cures[0]!.way = "no-such-gap";
    });
    const snag = planned(build).snags.find((s) => s.rule === "cures/gone")!;
    expect(chosenVariant(applyFix(build, snag.fix!.patch)).cures).toEqual([]);
    expect(planned(cured("brush")).snags.some((s) => s.rule === "cures/gone")).toBe(false);
  });

  it("may be laid on a gap of the free list, on any shell", () => {
    const build = haberdasher();
    const own = chosenVariant(build);
    own.gaps = [
      {
        ...{ id: "crack", name: "at the warped corner", kind: "slot", seat: "edge", where: "left" },
        ...{ size: statedMm(4), tolerance: statedMm(1), length: statedMm(120), height: statedMm(600) },
      },
    ];
    const p = planned(build);
    const snag = wayOut(p, "gap-crack")!;
    expect(snag.sentence).toMatch(/^5 mm at worst fit/);
    expect(value(p, "air/gaps")).toBeCloseTo(90.552 + (4 * 120) / 100, 6);
    expect(p.snags.some((s) => s.rule === "gaps/no-length")).toBe(false);
    own.gaps[0]!.length = null;
    const unmeasured = planned(build);
    expect(value(unmeasured, "air/gaps")).toBeCloseTo(90.552, 6);
    expect(unmeasured.snags.find((s) => s.rule === "gaps/no-length")!.severity).toBe("note");
    own.gaps[0]!.length = statedMm(120);
    expect(wayOut(planned(applyFix(build, snag.fix!.patch)), "gap-crack")).toBeUndefined();
  });
});
