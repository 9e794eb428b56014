import { describe, expect, it } from "vitest";
import { brambleTower } from "../../../../demo/builds";
import { jobInput } from "../../../../tests/job";
import type { Measure } from "../../../design/basics";
import { statedMm } from "../../../design/measure";
import { readAt, writeAt } from "../../../design/pointer";
import { checkDesign } from "../../../document/check";
import { newBuild, newVariant } from "../../../document/create";
import type { Build } from "../../../document/schema";
import { chosenVariant } from "../../../document/variant";
import { stackOf } from "../../../ground/layers/starts";
import { type Plan, plan, publicPlan } from "../../../plan";
import { STARTER_RESIDENTS } from "../../../residents/starters";
import { applyFix } from "../../../snags/fix";
import { buildShell } from "../../buildShell";
import { cutShell } from "../../section";
import type { SurveyField } from "../../survey";
import type { FrontGlassShell } from "./schema";
import { frontGlassSurvey } from "./survey";

const book = jobInput().book;
const planned = (build: Build) => plan(jobInput(build));
const rules = (p: Plan) => p.snags.map((s) => s.rule);
const problems = (build: Build) => checkDesign(build, book).map((p) => [p.path.replace("/variants/0", ""), p.message]);

/** 450 wide, sill 110, drain layer 50, substrate to 100, for a nymph of 3 mm. */
function ours(change?: (build: Build, shell: FrontGlassShell) => void): Build {
  const variant = newVariant("frontGlass");
  const shell = variant.shell as FrontGlassShell;
  shell.found.sill = { height: statedMm(110), from: "inside" };
  shell.groundDepth = statedMm(100);
  variant.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
  const build = newBuild("Ours", { unit: "mm" }, variant);
  const nymph = structuredClone(STARTER_RESIDENTS.find((r) => r.id === "stick-insect")!);
  build.brief.residents = [{ ...nymph, narrowestRigid: statedMm(3) }];
  change?.(build, shell);
  return build;
}

describe("a front-opening glass", () => {
  it("has the inside, the litres and the mass that come out by hand", () => {
    const { shell } = planned(ours());
    // 450 − 8, 450 − 8, 600 − 10 − 4.
    expect(shell.inside).toEqual({ widthMm: 442, depthMm: 442, heightMm: 586 });
    expect(shell.volumeMl / 1000).toBeCloseTo(4.42 * 4.42 * 5.86, 6);
    const kg = (id: string) => shell.solids.find((s) => s.id === id)!.kg;
    // Glass 2500 kg/m³ (EN 572-1): 442 × 586 × 4 mm a side; the sill 442 × 110 × 4.
    expect(kg("face/left")).toBeCloseTo(0.442 * 0.586 * 0.004 * 2500, 9);
    expect(kg("front/sill")).toBeCloseTo(0.442 * 0.11 * 0.004 * 2500, 9);
    // Two leaves of (442 − 2 × 2 − 2) ÷ 2 by 586 − 110 − 30 − 4.
    expect(kg("doors")).toBeCloseTo(2 * 0.218 * 0.442 * 0.004 * 2500, 9);
  });

  it("takes its sill from inside, or from the stand less recess and base pane", () => {
    const inside = planned(ours()).shell;
    const stand = planned(
      ours((_, shell) => {
        shell.found.sill = { height: statedMm(124), from: "stand" };
      }),
    ).shell;
    expect(stand.levels.damTopMm).toBe(110);
    expect(stand.strips).toEqual(inside.strips);
  });

  it("judges substrate against its sill, leaves its strip free, and is tested at 70", () => {
    const p = planned(ours());
    expect(rules(p)).not.toContain("shell/dam-too-low");
    expect(rules(p)).not.toContain("shell/strip-buried");
    expect(p.steps.find((s) => s.id === "seal/water-test")!.detail).toMatch(/Fill to 70 mm\./);
    // Its papers lie under the base: the frame hides the foot of every wall.
    expect(p.steps.find((s) => s.id === "seal/water-test")!.detail).toMatch(/under the base, in its 10 mm of frame/);
    expect(p.figures.find((f) => f.id === "panes/sill")!.inputs.map((i) => i.name)).toContain("β, top edge free");
    // The twin: 5 mm more is too much, and 15 mm more buries the strip.
    const over = planned(
      ours((_, shell) => {
        shell.groundDepth = statedMm(105);
      }),
    );
    expect(over.snags.find((s) => s.rule === "shell/dam-too-low")).toMatchObject({ severity: "stop" });
    expect(rules(over)).not.toContain("shell/strip-buried");
    expect(
      rules(
        planned(
          ours((_, shell) => {
            shell.groundDepth = statedMm(115);
          }),
        ),
      ),
    ).toContain("shell/strip-buried");
  });

  it("audits each of its gaps for a 3 mm nymph, each blocker with a fix that clears it", () => {
    const build = ours((_, { found }) => {
      for (const key of ["hinge", "meeting", "foot"] as const) found.doors[key] = statedMm(2);
      found.top.lip = statedMm(2);
      found.notches.shut = statedMm(4);
    });
    const p = planned(build);
    const ways = p.snags.filter((s) => s.rule === "front/way-out");
    expect(ways.map((s) => s.subject).sort()).toEqual([
      "doors-foot",
      "doors-head",
      "doors-hinge",
      "doors-meet",
      "notches",
      "screen-lip",
      "strip",
    ]);
    for (const snag of ways) {
      expect(snag.fix, snag.subject).toBeDefined();
      const left = planned(applyFix(build, snag.fix!.patch)).snags;
      expect(
        left.some((s) => s.rule === snag.rule && s.subject === snag.subject),
        snag.subject,
      ).toBe(false);
    }
    // All of them pressed, one after the other, leave no way out; and the air changes with them.
    let all = build;
    for (let snag = ways[0]; snag; snag = planned(all).snags.find((s) => s.rule === "front/way-out"))
      all = applyFix(all, snag.fix!.patch);
    const after = planned(all);
    expect(after.audit.audits[0]!.ways.every((w) => w.passes)).toBe(true);
    const changes = (q: Plan) => q.figures.find((f) => f.id === "air/changes")!.value;
    expect(changes(after)).toBeLessThan(changes(p));
    // What was found is neither cut nor bought.
    expect(after.parts.every((part) => part.kind === "mesh" || part.kind === "cloth")).toBe(true);
    expect(after.steps.some((s) => /\b(cut|drill|saw)\b/i.test(s.title))).toBe(false);
  });

  it("is aired through its strip and its screen, gaps counted beside", () => {
    const p = planned(ours());
    const value = (id: string) => p.figures.find((f) => f.id === id)!.value;
    // 300 holes of 3 mm; a screen of 1.2 clear and 0.3 wire, (1.2 ÷ 1.5)².
    expect(value("air/strip/free")).toBeCloseTo((300 * Math.PI * 9) / 4 / 100, 6);
    expect(value("air/screen/free")).toBeCloseTo((442 * 442 * 0.64) / 100, 6);
    // Meeting 2 × 446, hinges 2 × 2 × 446, head and foot 2 × 2 × 442, lip 1 × 1768, notches 2 × 2 × 20; in cm².
    expect(value("air/gaps")).toBeCloseTo((2 * 446 + 4 * 446 + 4 * 442 + 1768 + 80) / 100, 6);
    expect(rules(p)).not.toContain("air/no-vents");
    expect(rules(p)).not.toContain("air/no-cross-flow");
  });
  it("under a sheet over a third of its screen is aired through the rest, and the sheet is cut", () => {
    const covered = (percent: number) =>
      ours((_, shell) => {
        shell.found.top.covered = { typed: String(percent), value: percent, how: "stated" };
      });
    const p = planned(covered(30));
    expect(p.figures.find((f) => f.id === "air/screen/free")!.value).toBeCloseTo((0.7 * 442 * 442 * 0.64) / 100, 6);
    // 442 × 30 % = 132.6, to the millimetre; the screen's own depth the other way.
    expect(p.parts.find((part) => part.id === "shell/screen/cover")).toMatchObject({ lengthMm: 442, widthMm: 133 });
    expect(p.steps.find((step) => step.id === "shell/screen/cover")!.detail).toContain("never under a lamp");
    expect(planned(ours()).parts.some((part) => part.id === "shell/screen/cover")).toBe(false);
    expect(problems(covered(99))).toContainEqual(["/shell/found/top/covered", expect.stringContaining("95")]);
  });

  it("keeps a factory background as it is, or has it torn out once", () => {
    const kept = planned(
      ours((_, { found }) => {
        found.background = { is: "kept", thickness: statedMm(30), gap: statedMm(6) };
      }),
    );
    expect(kept.shell.lining).toEqual({ face: "back", depthMm: 36, gapMm: 6 });
    expect(kept.steps.some((s) => /background/i.test(s.title))).toBe(false);
    expect(kept.steps.find((s) => s.id === "seal/water-test")!.detail).toMatch(/background it came with is taken out/);
    expect(rules(kept)).toContain("seal/lined");
    const torn = planned(
      ours((_, { found }) => {
        found.background = { is: "tornOut", thickness: statedMm(30), gap: statedMm(6) };
      }),
    );
    expect(torn.shell.lining).toBeNull();
    expect(torn.steps.filter((s) => s.id === "shell/tear-out")).toHaveLength(1);
    expect(rules(torn)).not.toContain("seal/lined");
  });

  it("is drawn alike on the net, in sections and in the model", () => {
    const { shell } = planned(brambleTower());
    const section = cutShell(shell, "frontBack");
    const piece = (id: string) => section.walls.find((w) => w.id === id)!;
    const sill = shell.strips.find((s) => s.id === "sill")!;
    expect(Math.max(...piece("sill").points.map(([, z]) => z))).toBe(sill.heightMm);
    // In the plane of the front, its outer face flush with the doors'.
    expect(Math.min(...piece("sill").points.map(([y]) => y))).toBe(-4);
    expect(Math.min(...piece("door").points.map(([y]) => y))).toBe(-4);
    expect(Math.min(...piece("door").points.map(([, z]) => z))).toBe(shell.doors!.leaves[0]!.vMm);
    const screen = shell.gaps.find((g) => g.id === "screen")!.at[0]!;
    expect(Math.min(...piece("screen").points.map(([y]) => y))).toBe(screen.vMm);
    expect(piece("lining").points.map(([y]) => y)).toContain(shell.inside.depthMm - shell.lining!.gapMm);
    expect(section.levels.find((l) => l.id === "dam")!.zMm).toBe(100);
    expect(section.levels.find((l) => l.id === "doorFoot")!.zMm).toBe(132);
  });
});

/** Another value of a field of the survey, still within its limits. */
function another(field: SurveyField, was: unknown): unknown {
  switch (field.ask) {
    case "choice":
      return field.options!.map(([key]) => key).find((key) => key !== was)!;
    case "tick":
      return !was;
    case "count":
      return was === field.max ? (was as number) - 1 : (was as number) + 1;
    case "mesh":
      return was === "fly-screen" ? "steel-mesh-6" : "fly-screen";
    default:
      return statedMm(moved((was as Measure | null)?.value ?? (field.suffix === "%" ? 30 : 300)));
  }
}

/** A tenth more, or five where there was nothing. */
const moved = (value: number) => (value === 0 ? 5 : Math.round(value * 110) / 100);

/** All that is made and drawn of a build. */
const told = (build: Build) => {
  const shell = buildShell(chosenVariant(build), book);
  return JSON.stringify([
    publicPlan(planned(build)),
    shell,
    cutShell(shell, "frontBack"),
    cutShell(shell, "leftRight"),
  ]);
};

describe("every value of the survey", () => {
  // What is asked only in some cases is changed in one of them.
  const base = () =>
    ours((_, { found }) => {
      found.strip.openings = "slots";
      found.strip.count = 40;
      found.background = { is: "kept", thickness: statedMm(30), gap: statedMm(6) };
      found.secondHand = { is: "used", chips: "none", beadYears: statedMm(11), disinfect: false };
      found.top = { ...found.top, fate: "mended", hole: statedMm(15), mesh: "steel-mesh-6", patch: statedMm(60) };
    });
  const fields = frontGlassSurvey.groups.flatMap((g) => g.fields);

  it.each(fields.map((f) => [f.path, f] as const))(
    "%s changes some figure, snag, way out or drawing",
    (path, field) => {
      const build = base();
      expect(problems(build)).toEqual([]);
      const before = told(build);
      const variant = chosenVariant(build);
      const was = readAt(variant, path);
      const next =
        path.endsWith("/leaves") || field.ask !== "length" || was !== null ? another(field, was) : nullField(path);
      writeAt(variant, path, next);
      expect(problems(build), path).toEqual([]);
      expect(told(build), path).not.toBe(before);
    },
  );

  /** A value for what was left empty. */
  const nullField = (path: string) =>
    statedMm(
      {
        "strip/length": 380,
        "doors/width": 214,
        "doors/height": 430,
        "doors/corner": 3,
        "top/width": 400,
        "top/depth": 400,
      }[path.split("/").slice(-2).join("/")] ?? 50,
    );
});

describe("what cannot be", () => {
  const said = (change: (shell: FrontGlassShell) => void) => problems(ours((_, shell) => change(shell)));

  it("is told at its place, with the number that would be right", () => {
    expect(
      said(({ found }) => {
        found.sill.height = statedMm(500);
        found.doors.height = statedMm(300);
      }),
    ).toContainEqual([
      "/shell/found/sill/height",
      expect.stringMatching(/over the foot of the doors.* Type 252 mm or less/),
    ]);
    expect(
      said(({ found }) => {
        found.doors.width = statedMm(230);
      }),
    ).toContainEqual([
      "/shell/found/doors/width",
      expect.stringMatching(/wider than their opening, 442 mm. Type 218 mm or less/),
    ]);
    expect(
      said(({ found }) => {
        found.top.width = statedMm(460);
      }),
    ).toContainEqual([
      "/shell/found/top/width",
      expect.stringMatching(/larger than the top it lies in, 442 mm. Type 442 mm or less/),
    ]);
    expect(
      said((shell) => {
        shell.dam = { source: { of: "bought", material: "glass-6" }, height: statedMm(120), length: statedMm(450) };
      }),
    ).toContainEqual(["/shell/dam/length", expect.stringMatching(/sides 442 mm apart. Type 436 mm or less/)]);
    expect(
      said(({ found }) => {
        found.top = { ...found.top, fate: "mended", mesh: "fly-screen", hole: statedMm(40), patch: statedMm(50) };
      }),
    ).toContainEqual(["/shell/found/top/patch", expect.stringMatching(/Type 80 mm or more/)]);
    expect(
      said(({ found }) => {
        found.sill = { height: statedMm(12), from: "stand" };
      }),
    ).toContainEqual(["/shell/found/sill/height", expect.stringMatching(/Type 19 mm or more/)]);
    const gap = {
      id: "g",
      name: "Crack",
      kind: "slot",
      seat: "other",
      where: "back",
      length: null,
      height: null,
    } as const;
    expect(
      problems(
        ours((build) => {
          chosenVariant(build).gaps = [{ ...gap, size: statedMm(0), tolerance: statedMm(1) }];
        }),
      ),
    ).toContainEqual(["/gaps/0/size", expect.stringMatching(/Type 0\.5 mm, give or take 0\.5 mm/)]);
    // The twins stand.
    expect(
      problems(
        ours((build, shell) => {
          chosenVariant(build).gaps = [{ ...gap, size: statedMm(0.5), tolerance: statedMm(0.5) }];
          shell.found.doors.width = statedMm(218);
          shell.found.top.width = statedMm(442);
        }),
      ),
    ).toEqual([]);
  });
});
