import { describe, expect, it } from "vitest";
import { antYard, haberdasher, nurseryTub, towerOnEnd } from "../../../demo/builds";
import { demoBook } from "../../../demo/tern-street";
import { jobInput } from "../../../tests/job";
import { closureKind } from "../../closures/kinds/index";
import { statedMm } from "../../design/measure";
import { readAt } from "../../design/pointer";
import { beginVariant } from "../../document/begin";
import { checkDesign } from "../../document/check";
import { newBuild, newVariant } from "../../document/create";
import type { Build } from "../../document/schema";
import { chosenVariant } from "../../document/variant";
import { bareGround } from "../../ground/schema";
import { type Plan, plan } from "../../plan";
import { applyFix } from "../../snags/fix";
import { ML_PER } from "../../units/quantity";
import { buildShell } from "../buildShell";
import type { CabinetShell } from "./cabinet/schema";
import { KINDS } from "./index";
import type { TankShell } from "./tank/schema";
import type { TankOnEndShell } from "./tankOnEnd/schema";
import type { TubShell } from "./tub/schema";

const book = demoBook();
const shellOf = <S>(build: Build) => chosenVariant(build).shell as unknown as S;
const problems = (build: Build) => checkDesign(build, book).map((p) => [p.path, p.message] as const);
const rules = (p: Plan) => p.snags.map((s) => s.rule);
const tankBuild = () => newBuild("Tank", { unit: "mm" }, newVariant("tank"));

describe("every kind", () => {
  it.each(KINDS.map((k) => k.kind))(
    "%s begins from what a new build asks, plans, and asks nothing that is not there",
    (kind) => {
      const { survey, openings } = KINDS.find((k) => k.kind === kind)!;
      const sizes = survey.first.map((_, i) => ({
        typed: `${500 - 20 * i}`,
        value: 500 - 20 * i,
        how: "measured" as const,
      }));
      const variant = beginVariant(kind, sizes);
      const build = newBuild("Begun", { unit: "mm" }, variant);
      expect(problems(build)).toEqual([]);
      for (const closure of variant.closures)
        expect(closureKind(closure).suits(openings(variant.shell).find((o) => o.id === closure.opening)!)).toBe(true);
      const planned = plan(jobInput(build));
      expect(planned.shell.volumeMl).toBeGreaterThan(0);
      expect(JSON.stringify(planned.figures)).not.toMatch(/NaN|null,"unit"/);
      for (const { path, when } of survey.groups.flatMap((g) => g.fields)) {
        expect(readAt(variant, path), path).not.toBeUndefined();
        if (when) expect(readAt(variant, when.path)).not.toBeUndefined();
      }
    },
  );

  it.each(KINDS.map((k) => k.kind))("%s says what is too small, with what would be right", (kind) => {
    const { survey } = KINDS.find((k) => k.kind === kind)!;
    const variant = beginVariant(
      kind,
      survey.first.map(() => statedMm(3)),
    );
    const found = problems(newBuild("Small", { unit: "mm" }, variant));
    for (const { path } of survey.first)
      expect(found).toContainEqual([`/variants/0${path}`, expect.stringMatching(/too small. Type 50 mm or more/)]);
  });
});

describe("a glass tank", () => {
  it("is 40 US gallons at 36 × 18 × 14 3/4 inches inside (151.4 L, NIST SP 811)", () => {
    const build = tankBuild();
    const shell = shellOf<TankShell>(build);
    shell.found.glass = statedMm(6);
    shell.found.length = statedMm(36 * 25.4 + 12);
    shell.found.width = statedMm(18 * 25.4 + 12);
    // 40 gal ÷ (36 × 18 in²) = 9240 in³ ÷ 648 in² = 14.259 in.
    shell.found.height = statedMm((9240 / 648) * 25.4 + 6);
    expect(buildShell(chosenVariant(build), book).volumeMl).toBeCloseTo(40 * ML_PER.gal, 3);
    expect((40 * ML_PER.gal) / 1000).toBeCloseTo(151.4, 1);
  });

  it("weighs its five panes by hand", () => {
    const build = tankBuild();
    const { solids } = buildShell(chosenVariant(build), book);
    // 800 × 350 × 400 outside, 4 mm: base 792 × 342, two of 792 × 396, two of 342 × 396, at 2500 kg/m³.
    const mm2 = 792 * 342 + 2 * 792 * 396 + 2 * 342 * 396;
    expect(solids.reduce((sum, s) => sum + s.kg, 0)).toBeCloseTo((mm2 * 4 * 2500) / 1e9, 6);
  });

  it("never lets a hole into a pane that may be tempered", () => {
    const build = tankBuild();
    const variant = chosenVariant(build);
    variant.features = [
      {
        id: "hole",
        name: "Hole",
        face: "left",
        kind: "holes",
        origin: "made",
        meshOrigin: "made",
        pattern: "square",
        holeDia: statedMm(10),
        pitch: statedMm(20),
        columns: 2,
        rows: 2,
        mesh: "fly-screen",
        u: statedMm(170),
        v: statedMm(300),
      },
    ];
    expect(rules(plan(jobInput(build)))).toContain("place/tempered");
    shellOf<TankShell>(build).found.tempered = "none";
    expect(rules(plan(jobInput(build)))).toContain("place/glass");
    expect(rules(plan(jobInput(build)))).not.toContain("place/tempered");
  });

  it("asks for a lid, and puts one on by its fix", () => {
    const build = tankBuild();
    chosenVariant(build).closures = [];
    const open = plan(jobInput(build)).snags.find((s) => s.rule === "front/no-door")!;
    expect(open.title).toBe("The top is open");
    const shut = applyFix(build, open.fix!.patch);
    expect(chosenVariant(shut).closures).toMatchObject([{ kind: "lid", opening: "top", origin: "made" }]);
    expect(rules(plan(jobInput(shut)))).not.toContain("front/no-door");
    // 792 + 342 twice round is 2268 mm: a clip each 300 makes eight.
    const few = plan(jobInput(shut)).snags.find((s) => s.rule === "front/few-clips")!;
    expect(few.fix!.label).toBe("Use 8 clips");
  });

  it("refuses sliding panes on top, and glass as thick as the tank", () => {
    const build = tankBuild();
    const onEnd = chosenVariant(towerOnEnd()).closures[0]!;
    chosenVariant(build).closures = [{ ...onEnd, opening: "top" }];
    expect(problems(build)).toContainEqual([
      "/variants/0/closures/0",
      expect.stringMatching(/cannot be closed this way/),
    ]);
    const thick = tankBuild();
    shellOf<TankShell>(thick).found.width = statedMm(60);
    shellOf<TankShell>(thick).found.glass = statedMm(10);
    expect(problems(thick)[0]![1]).toMatch(/leaves no inside.*Type 70 mm or more/);
  });
});

describe("a tank stood on end", () => {
  it("turns length into height and height into depth, and cuts dam and rails between the panes", () => {
    const shell = buildShell(chosenVariant(towerOnEnd()), book);
    const t = 4.7625;
    expect(shell.inside).toEqual({
      widthMm: expect.closeTo(304.8 - 2 * t, 6),
      depthMm: expect.closeTo(304.8 - t, 6),
      heightMm: expect.closeTo(762 - 2 * t, 6),
    });
    expect(shell.outside.heightMm).toBeCloseTo(762, 6);
    expect(shell.panels.map((p) => [p.id, p.lengthMm, p.widthMm])).toEqual([
      ["front/dam", expect.closeTo(295.275, 6), expect.closeTo(101.6, 6)],
      ["front/vent-rail", expect.closeTo(295.275, 6), expect.closeTo(38.1, 6)],
      ["front/head-rail", expect.closeTo(295.275, 6), expect.closeTo(76.2, 6)],
    ]);
  });

  it("refuses a front that leaves no face open", () => {
    const build = towerOnEnd();
    shellOf<TankOnEndShell>(build).dam = statedMm(700);
    expect(problems(build)).toContainEqual(["/variants/0/shell/dam", expect.stringMatching(/no face is left open/)]);
  });

  it("minds water on an end pane, and stands on legs by its fix", () => {
    const build = towerOnEnd();
    shellOf<TankOnEndShell>(build).legs = null;
    chosenVariant(build).seal.standingWater = statedMm(40);
    const planned = plan(jobInput(build));
    expect(rules(planned)).toContain("shell/end-pane-under-water");
    const legs = planned.snags.find((s) => s.rule === "shell/no-legs")!;
    expect(shellOf<TankOnEndShell>(applyFix(build, legs.fix!.patch)).legs).toMatchObject({ value: 30 });
  });
});

describe("a cabinet", () => {
  const planned = plan(jobInput(haberdasher()));

  it("cuts its tray from its shelves, and the shelves are gone from what is left", () => {
    // Inside 1088 × 544 × 728. Base: the shelf's own 1080 × 520, under 1088 − 6 and 544 − 6.
    const tray = Object.fromEntries(
      planned.parts.filter((p) => p.kind === "ownPane").map((p) => [p.id, [p.lengthMm, p.widthMm, p.qty]]),
    );
    expect(tray).toEqual({
      "tray/base": [1080, 520, 1],
      // Walls stand on the base: 115 − 6. Ends lie between the long walls: 520 − 2 × 6.
      "tray/long": [1080, 109, 2],
      "tray/short": [508, 109, 2],
    });
    const own = planned.groups.find((g) => g.own)!;
    expect(own.solution.unplaced).toEqual([]);
    expect(own.solution.sheets.map((s) => s.stock)).toEqual(["shelf-0", "shelf-0"]);
    expect(own.costMinor).toBe(0);
    expect(planned.buying.lines.some((l) => l.label.includes("shelf"))).toBe(false);
    // The cut shelves weigh as the tray now, not as shelves.
    expect(planned.shell.solids.map((s) => s.label)).not.toContain("Wide glass shelf");
    expect(planned.shell.solids.map((s) => s.label)).toContain("Narrow glass shelf");
  });

  it("says when a pane fits no shelf", () => {
    const build = haberdasher();
    shellOf<CabinetShell>(build).found.shelves[0]!.count = 1;
    const short = plan(jobInput(build));
    expect(short.snags.find((s) => s.rule === "cuts/no-sheet-fits")!.title).toMatch(/fits no pane it came with/);
  });

  it("runs its wet seams round the tray", () => {
    const wet = planned.shell.seams.filter((s) => s.wet);
    // 2 × 1080 + 2 × 508 round the base, four corners of 109.
    expect(wet.reduce((sum, s) => sum + s.lengthMm, 0)).toBe(2 * 1080 + 2 * 508 + 4 * 109);
  });

  it("stops at board under damp substrate, and its fix cuts the glass shelves into a tray", () => {
    const build = haberdasher();
    const shell = shellOf<CabinetShell>(build);
    shell.tray = null;
    for (const shelf of shell.found.shelves) shelf.use = "keep";
    chosenVariant(build).seal.standingWater = null;
    const swells = plan(jobInput(build)).snags.find((s) => s.rule === "shell/board-swells")!;
    expect(swells.severity).toBe("stop");
    const mended = applyFix(build, swells.fix!.patch);
    expect(shellOf<CabinetShell>(mended).found.shelves.every((s) => s.use === "cutUp")).toBe(true);
  });

  it("never cuts a tempered shelf", () => {
    const build = haberdasher();
    shellOf<CabinetShell>(build).found.shelves[0]!.material = "temperedGlass";
    expect(rules(plan(jobInput(build)))).toContain("shell/tempered-shelf");
  });

  it("counts open hardware holes among the ways out, and plugs them by the fix", () => {
    const build = haberdasher();
    shellOf<CabinetShell>(build).found.holes.plugged = false;
    const ways = plan(jobInput(build));
    expect(ways.audit.ways.map((w) => w.id)).toContain("hardware");
    const stop = ways.snags.find((s) => s.rule === "front/way-out" && s.subject === "hardware")!;
    expect(shellOf<CabinetShell>(applyFix(build, stop.fix!.patch)).found.holes.plugged).toBe(true);
  });

  it("refuses faces that leave no inside", () => {
    const build = haberdasher();
    shellOf<CabinetShell>(build).found.width = statedMm(70);
    expect(problems(build)).toContainEqual([
      "/variants/0/shell/found/width",
      expect.stringMatching(/leaves no inside.*Type 82 mm/),
    ]);
  });
});

describe("a tub", () => {
  const with58 = (change: (found: TubShell["found"]) => void) => {
    const build = nurseryTub();
    const { found } = shellOf<TubShell>(build);
    found.claim = { typed: "58 qt", value: 58 * ML_PER.qt, how: "stated" };
    found.cornerRadius = statedMm(0);
    change(found);
    return plan(jobInput(build));
  };
  const explained = (planned: Plan) =>
    planned.figures
      .find((f) => f.id === "shell/claim")!
      .inputs.filter((i) => i.name.endsWith(": fits"))
      .map((i) => i.name);

  it("reads 58 qt as 54.9 L (NIST SP 811) and plans from the tape", () => {
    expect((58 * ML_PER.qt) / 1000).toBeCloseTo(54.9, 1);
    const planned = with58(() => {});
    const claim = planned.figures.find((f) => f.id === "shell/claim")!;
    expect(claim.value).toBeCloseTo(planned.shell.volumeMl / 1000, 9);
    expect(claim.inputs[0]).toMatchObject({ name: "the label, “58 qt”", value: expect.closeTo(54.888, 2) });
    expect(planned.snags.find((s) => s.rule === "shell/label-misleads")!.sentence).toMatch(
      /“58 qt” is 54.9 L; as measured it holds/,
    );
  });

  it("finds the readings of the label that fit", () => {
    // Straight walls, so that outside and inside differ by the wall alone.
    const box = (found: TubShell["found"], l: number, w: number, h: number) => {
      for (const key of ["rimLength", "footLength"] as const) found[key] = statedMm(l);
      for (const key of ["rimWidth", "footWidth"] as const) found[key] = statedMm(w);
      found.height = statedMm(h);
      found.lidLength = found.lidWidth = null;
    };
    // 500 × 366 × 300 = 54.9 L: the label is right, to the rim.
    expect(explained(with58((f) => box(f, 500, 366, 300)))).toContain("filled to the rim: fits");
    // A thick wall: 488 × 354 × 294 inside is 50.8 L, 500 × 366 × 300 outside.
    expect(
      explained(
        with58((f) => {
          box(f, 488, 354, 294);
          f.wall = statedMm(6);
        }),
      ),
    ).toEqual(["outside sizes multiplied: fits"]);
    // 58 gallons are 219.6 L: a tub of 800 × 600 × 457.5 sold as quarts.
    expect(explained(with58((f) => box(f, 800, 600, 457.5)))).toEqual(["gallons taken for quarts: fits"]);
    // And a tub of 54.9 L whose label is read as 58 gallons.
    const gallons = with58((f) => {
      box(f, 500, 366, 300);
      f.claim = { typed: "58 gal", value: 58 * ML_PER.gal, how: "stated" };
    });
    expect(explained(gallons)).toEqual(["quarts taken for gallons: fits"]);
    // 58 litres taken for quarts.
    expect(explained(with58((f) => box(f, 500, 366, 317)))).toContain("litres taken for quarts: fits");
  });

  it("is content with a label that says what the tape says, and asks nothing without one", () => {
    const build = nurseryTub();
    // 63.9 L by the tape: within a fiftieth of the 64 L on the label.
    expect(rules(plan(jobInput(build)))).not.toContain("shell/label-misleads");
    expect(explained(plan(jobInput(build)))).toContain("filled to the rim: fits");
    shellOf<TubShell>(build).found.claim = null;
    const bare = plan(jobInput(build));
    expect(bare.figures.some((f) => f.id === "shell/claim")).toBe(false);
    expect(rules(bare)).not.toContain("shell/label-misleads");
  });

  it("refuses a foot wider than its rim, and a lid smaller than its rim", () => {
    const build = nurseryTub();
    const { found } = shellOf<TubShell>(build);
    found.footLength = statedMm(600);
    found.lidWidth = statedMm(380);
    expect(problems(build)).toContainEqual([
      "/variants/0/shell/found/footLength",
      expect.stringMatching(/could never leave its mould. Type 556 mm or less, or swap the two/),
    ]);
    expect(problems(build)).toContainEqual([
      "/variants/0/shell/found/lidWidth",
      expect.stringMatching(/does not reach over a rim of 388 mm outside. Type 388 mm or more/),
    ]);
  });

  it("keeps a vent within its leaning wall", () => {
    const build = nurseryTub();
    const vent = chosenVariant(build).features[0]!;
    vent.u = statedMm(70);
    vent.v = statedMm(90);
    const off = plan(jobInput(build)).snags.find(
      (s) => s.rule === "place/off-the-face" || s.rule === "place/too-near-the-edge",
    );
    expect(off).toBeDefined();
    const mended = applyFix(build, off!.fix!.patch);
    const again = rules(plan(jobInput(mended)));
    expect(again).not.toContain("place/off-the-face");
    expect(again).not.toContain("place/too-near-the-edge");
  });

  it("carries a guess into the volume, and asks for the tape", () => {
    const build = nurseryTub();
    const { found } = shellOf<TubShell>(build);
    found.height = { typed: "about 35 cm", value: 350, how: "guessed", low: 315, high: 385 };
    const planned = plan(jobInput(build));
    const volume = planned.figures.find((f) => f.id === "shell/volume")!;
    // Corners and taper aside a tenth more height is a tenth more volume.
    expect(volume.high! / volume.value).toBeCloseTo(1.1, 2);
    expect(volume.low! / volume.value).toBeCloseTo(0.9, 2);
    const asks = planned.snags.find((s) => s.rule === "shell/guessed")!;
    expect(asks.sentence).toMatch(
      /“about 35 cm”: 315 mm to 385 mm; the volume may be .* Put a tape to it before “Survey and clean it”/,
    );
    const survey = planned.steps.find((s) => s.id === "shell/survey")!;
    expect(survey.detail).toMatch(/Still a guess, so measure: height/);
  });
});

describe("a round tub", () => {
  it("pours its floor by volume", () => {
    const planned = plan(jobInput(antYard()));
    const floor = planned.figures.find((f) => f.id === "shell/floor-pour")!;
    // 18 mm of a frustum from 232 towards 250 over 140: 234.3 across at its top.
    expect(floor.value).toBeCloseTo(((Math.PI * 18) / 12) * (232 ** 2 + 232 * 234.314 + 234.314 ** 2) * 1e-6, 4);
  });
});

describe("standing on a floor", () => {
  it("compares with EN 1991-1-1: 1.5 kN/m² over the room, 2 kN on a point", () => {
    const build = haberdasher();
    const shell = shellOf<CabinetShell>(build);
    shell.found.height = statedMm(1900);
    shell.tray = { height: statedMm(800) };
    shell.groundDepth = statedMm(780);
    Object.assign(chosenVariant(build), { ground: bareGround(), vessels: [], dividers: [] });
    const planned = plan(jobInput(build));
    const foot = planned.figures.find((f) => f.id === "shell/foot-load")!;
    const filled = planned.figures.find((f) => f.id === "shell/floor-load")!.inputs[0]!.value;
    expect(foot.value).toBeCloseTo((filled * 9.80665) / 4000, 9);
    expect(filled).toBeGreaterThan(500);
  });
});
