import { describe, expect, it } from "vitest";
import { antYard, nurseryTub } from "../../../demo/builds";
import { bareTank } from "../../../tests/bareTank";
import { jobInput } from "../../../tests/job";
import { foundClosure } from "../../closures/kinds/found/schema";
import { newLid } from "../../closures/kinds/lid/schema";
import { statedMm } from "../../design/measure";
import { checkDesign } from "../../document/check";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import { roomUnderMm, tubeHole } from "../../features/port/tubeHole";
import { stackOf } from "../../ground/layers/starts";
import { type Plan, plan } from "../../plan";
import { STARTER_RESIDENTS } from "../../residents/starters";
import { applyFix } from "../../snags/fix";
import { domeMl } from "../kinds/roundTub/plan";
import type { RoundTubShell } from "../kinds/roundTub/schema";
import type { TankShell } from "../kinds/tank/schema";
import type { TubShell } from "../kinds/tub/schema";

const planned = (build: Build) => plan(jobInput(build));
const rules = (p: Plan) => p.snags.map((s) => s.rule);
const tankOf = (build: Build) => chosenVariant(build).shell as TankShell;
const nymph = () => ({
  ...structuredClone(STARTER_RESIDENTS.find((r) => r.id === "stick-insect")!),
  narrowestRigid: statedMm(3),
});

/** A tank with the screened lid it came with on it. */
function lidded(change?: (shell: TankShell, build: Build) => void): Build {
  const build = bareTank((variant) => {
    (variant.shell as TankShell).lid.there = true;
    variant.closures = [foundClosure("top")];
  });
  build.brief.residents = [nymph()];
  change?.(tankOf(build), build);
  return build;
}

describe("the lid a tank came with", () => {
  it("is aired through and audited, and neither made nor bought", () => {
    const p = planned(lidded());
    expect(p.audit.ways.map((w) => w.id)).toEqual(expect.arrayContaining(["screen", "screen-lip"]));
    expect(p.figures.some((f) => f.id === "air/screen/free")).toBe(true);
    expect(p.parts).toEqual([]);
    expect(p.supplies.some((s) => s.label.includes("clip"))).toBe(false);
  });

  it("comes off for good where a made one takes its place", () => {
    const p = planned(
      lidded((_, build) => {
        chosenVariant(build).closures = [newLid("top")];
      }),
    );
    expect(p.steps.map((s) => s.id)).toContain("front/take-off");
    expect(p.audit.ways.some((w) => w.id === "screen")).toBe(false);
    expect(planned(lidded()).steps.map((s) => s.id)).not.toContain("front/take-off");
  });

  it("is patched with 20 mm of lap all round, or gets new mesh once the old is off", () => {
    const torn = lidded((shell) => {
      shell.lid.hole = statedMm(12);
    });
    const snag = planned(torn).snags.find((s) => s.rule === "front/way-out" && s.subject === "screen-torn")!;
    const mended = planned(applyFix(torn, snag.fix!.patch));
    expect(mended.parts.find((x) => x.id === "shell/screen/patch")).toMatchObject({ lengthMm: 52, widthMm: 52 });
    expect(rules(mended)).not.toContain("front/way-out");
    const renewed = planned(
      lidded((shell) => {
        shell.lid = { ...shell.lid, fate: "replaced", mesh: "steel-mesh-no-18" };
      }),
    );
    const entry = (id: string) => renewed.diary.entries.find((e) => e.stepId === id)!;
    expect(entry("shell/screen/off").readyAt).toBeLessThanOrEqual(entry("shell/screen/mesh").startAt);
    expect(renewed.parts.find((x) => x.id === "shell/screen/mesh")).toMatchObject({ lengthMm: 940, widthMm: 490 });
  });
});

describe("second-hand glass", () => {
  const used = (change: (shell: TankShell) => void) =>
    bareTank((variant) => {
      const shell = variant.shell as TankShell;
      shell.found.secondHand = { is: "used", chips: "none", beadYears: null, disinfect: true };
      shell.groundDepth = statedMm(80);
      variant.ground.layers = stackOf({ drain: { body: "clay", mm: 40 } });
      variant.closures = [newLid("top")];
      change(shell);
    });

  it("is disinfected and rinsed before its water test", () => {
    const p = planned(used(() => {}));
    const entry = (id: string) => p.diary.entries.find((e) => e.stepId === id)!;
    expect(entry("shell/disinfect").readyAt).toBeLessThanOrEqual(entry("seal/water-test").startAt);
    expect(planned(bareTank()).steps.some((s) => s.id === "shell/disinfect")).toBe(false);
  });

  it.each([
    [
      "shell/cracked-glass",
      (s: TankShell) => {
        s.found.secondHand.chips = "seam";
      },
    ],
    [
      "shell/chipped-edge",
      (s: TankShell) => {
        s.found.secondHand.chips = "edge";
      },
    ],
    [
      "shell/not-looked-at",
      (s: TankShell) => {
        s.found.secondHand.chips = "unknown";
      },
    ],
    [
      "shell/old-beads",
      (s: TankShell) => {
        s.found.secondHand.beadYears = statedMm(12);
      },
    ],
    [
      "shell/not-disinfected",
      (s: TankShell) => {
        s.found.secondHand.disinfect = false;
      },
    ],
  ] as const)("says %s where it is so, and not where it is not", (rule, change) => {
    expect(rules(planned(used(change)))).toContain(rule);
    expect(rules(planned(used(() => {})))).not.toContain(rule);
  });
});

describe("a tub's own holes", () => {
  it("are air and ways out, by their count and bore", () => {
    const build = nurseryTub();
    (chosenVariant(build).shell as TubShell).found.holes = {
      ...{ count: 12, bore: statedMm(8), where: "lid", height: statedMm(0) },
    };
    const p = planned(build);
    expect(p.figures.find((f) => f.id === "air/own-holes/free")!.value).toBeCloseTo((12 * Math.PI * 16) / 100, 9);
    const snag = p.snags.find((s) => s.rule === "front/way-out" && s.subject === "own-holes")!;
    expect(planned(applyFix(build, snag.fix!.patch)).snags.some((s) => s.subject === "own-holes")).toBe(false);
    expect(p.steps.some((s) => s.id.includes("own-holes"))).toBe(false);
  });
});

describe("a round tub", () => {
  it("has a mound that is a dome: π·h/6 · (3·r² + h²)", () => {
    // Half a ball of 50 mm radius: 2/3·π·r³ = 261.8 mL.
    expect(domeMl(50, 100)).toBeCloseTo(((2 / 3) * Math.PI * 50 ** 3) / 1000, 9);
    const build = antYard();
    const shell = chosenVariant(build).shell as RoundTubShell;
    const pour = (p: Plan) => p.figures.find((f) => f.id === "shell/floor-pour")!.value;
    const flat = pour(planned(build));
    shell.mound = { height: statedMm(30), across: statedMm(120) };
    expect(pour(planned(build)) - flat).toBeCloseTo(domeMl(30, 120) / 1000, 9);
  });

  /** Its tube through the base, dropping 60 over 120. */
  function baseTube(riser: number | null): Build {
    const build = antYard();
    const variant = chosenVariant(build);
    (variant.shell as RoundTubShell).riser = riser === null ? null : statedMm(riser);
    variant.features = variant.features.map((f) =>
      f.id === "tube-1" && f.kind === "port"
        ? {
            ...f,
            ...{ face: "base", u: statedMm(115), v: statedMm(115) },
            tube: { bore: statedMm(12), rise: statedMm(60), run: statedMm(120), bendRadius: statedMm(60) },
          }
        : f,
    );
    return build;
  }

  it("lets a tube out through its base by an oval of bore ÷ sin of its slope", () => {
    // 16 ÷ sin(atan(60/120)) = 16·√5.
    expect(tubeHole(16, 60, 120, "base").longMm).toBeCloseTo(16 * Math.sqrt(5), 9);
    const p = planned(baseTube(80));
    expect(p.figures.find((f) => f.id === "ports/tube-1/oval")!.value).toBeCloseTo(16 * Math.sqrt(5), 6);
    expect(p.steps.find((s) => s.id === "air/cut/tube-1")!.detail).toMatch(/Notch the riser's rim 18 mm wide/);
  });

  it("wants a riser with room for its bend, and is given one", () => {
    // 60·(1 − 2/√5) + 8·(1 + 2/√5) + 2.
    const room = 60 * (1 - 2 / Math.sqrt(5)) + 8 * (1 + 2 / Math.sqrt(5)) + 2;
    expect(roomUnderMm(16, 60, 120, 60)).toBeCloseTo(room, 9);
    const flat = baseTube(null);
    const snag = planned(flat).snags.find((s) => s.rule === "ports/no-room-under")!;
    const after = planned(applyFix(flat, snag.fix!.patch));
    expect(after.shell.legsMm).toBe(Math.ceil(room));
    expect(rules(after)).not.toContain("ports/no-room-under");
  });

  it("says that a level tube never gets through a base", () => {
    const build = baseTube(80);
    const port = chosenVariant(build).features.find((f) => f.id === "tube-1")!;
    if (port.kind === "port") port.tube!.rise = statedMm(5);
    expect(checkDesign(build, jobInput().book).map((p) => p.message)).toContainEqual(
      expect.stringMatching(/must drop.* Type 12 mm or more/),
    );
  });
});

describe("a drain in a base", () => {
  const drained = (tempered: TankShell["found"]["tempered"]) =>
    bareTank((variant) => {
      (variant.shell as TankShell).found.tempered = tempered;
      variant.closures = [newLid("top")];
      variant.features = [
        {
          ...{ id: "drain-1", name: "Drain", face: "base", kind: "port", use: "drain", origin: "made", tube: null },
          ...{ u: statedMm(450), v: statedMm(225), bore: statedMm(30), gap: statedMm(0) },
        },
      ];
    });

  it("is never drilled in tempered glass, and wants room for its fitting over the stand", () => {
    expect(
      planned(drained("base")).snags.some(
        (s) => s.severity === "stop" && /tempered/i.test(s.sentence + s.title + s.reason),
      ),
    ).toBe(true);
    const p = planned(drained("none"));
    expect(p.snags.some((s) => s.severity === "stop" && /tempered/i.test(s.sentence + s.title))).toBe(false);
    expect(p.snags.find((s) => s.rule === "ports/no-room-under")!.sentence).toMatch(/wants 45 mm under the base/);
  });
});
