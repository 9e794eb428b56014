import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../demo/builds";
import { demoStock } from "../demo/tern-street";
import { jobBuild, jobInput, jobVariant, typed } from "../tests/job";
import { planUnproved, quick } from "../tests/quick";
import { sawSizeMm } from "./cuts/sawSize";
import { BARE_SEAL } from "./design/bareSeal";
import { checkDesign } from "./design/limits";
import { statedMm } from "./design/measure";
import type { Build, Feature, SheetVariant } from "./design/schema";
import { parseLocal } from "./diary/calendar";
import { starterBook } from "./materials/starter";
import { type Plan, plan, publicPlan } from "./plan";
import { STARTER_RESIDENTS } from "./residents/starters";
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
    expect(entry("ground/lay").startAt).toBeGreaterThanOrEqual(entry("seal/air-out").readyAt);
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

/** One change for each rule that makes it speak. */
const MISTAKES: Record<string, (build: Build, variant: SheetVariant) => void> = {
  "shell/top-sags": (_, v) => {
    v.shell.front.headRail = null;
  },
  "shell/head-rail-sags": (_, v) => {
    v.shell.front.headRail = statedMm(30);
  },
  "shell/dam-too-low": (_, v) => {
    v.shell.groundDepth = statedMm(120);
  },
  "shell/ground-not-planned": (_, v) => {
    v.shell.groundDepth = null;
  },
  "shell/tips": (_, v) => {
    v.shell.size.height = statedMm(1100);
  },
  "shell/heavy-lift": () => {},
  "shell/silicone-is-no-glue": (_, v) => {
    v.shell.joints.fixing = "siliconeOnly";
  },
  "shell/cement-is-for-pvc": (_, v) => {
    v.shell.material = "plywood-12";
  },
  "shell/thin-edge": (_, v) => {
    v.shell.material = "pvc-foam-6";
  },
  "shell/keep-cool": () => {},
  "front/no-door": (_, v) => {
    v.closure = { kind: "open" };
  },
  "front/glass-too-thick-for-track": (_, v) => {
    if (v.closure.kind === "slidingPair") v.closure.glass = "glass-6";
  },
  "front/glass-loose-in-track": (_, v) => {
    if (v.closure.kind === "slidingPair") v.closure.track = "track-6";
  },
  "front/measure-before-glass": () => {},
  "front/glass-too-thin": (_, v) => {
    v.shell.size.height = statedMm(900);
  },
  "front/overlap": (_, v) => {
    if (v.closure.kind === "slidingPair") v.closure.overlap = statedMm(8);
  },
  "front/rail-sag-binds": (_, v) => {
    v.shell.front.headRail = statedMm(25);
    v.shell.topLoadKg = statedMm(30);
  },
  "front/way-out": (b) => {
    b.brief.residents[0]!.narrowestRigid = statedMm(5);
  },
  "front/no-lock": (_, v) => {
    if (v.closure.kind === "slidingPair") v.closure.lock = "none";
  },
  "brief/no-resident": (b) => {
    b.brief.residents = [];
  },
  "brief/not-measured": (b) => {
    b.brief.residents[0]!.narrowestRigid = null;
  },
  "brief/guessed": (b) => {
    b.brief.residents = [structuredClone(STARTER_RESIDENTS[0]!)];
  },
  "air/no-vents": (_, v) => {
    v.features = [];
  },
  "air/no-cross-flow": (_, v) => {
    v.features = v.features.slice(0, 1);
  },
  "place/off-the-face": (_, v) => {
    v.features[1]!.u = statedMm(560);
  },
  "place/too-near-the-edge": (_, v) => {
    v.features[1]!.v = statedMm(555);
  },
  "air/holes-too-close": (_, v) => {
    (v.features[0] as Extract<Feature, { kind: "holes" }>).pitch = statedMm(8);
  },
  "place/below-the-ground": (_, v) => {
    v.features[0]!.v = statedMm(50);
  },
  "place/in-the-doorway": (_, v) => {
    v.features[1]!.face = "front";
    v.features[1]!.v = statedMm(300);
  },
  "place/overlap": (_, v) => {
    v.features.push({ ...structuredClone(v.features[0]!), id: "low-2" });
  },
  "seal/mould-inhibitor": (_, v) => {
    v.seal.sealant = "silicone-sanitary";
  },
  "seal/water-without-beads": (_, v) => {
    v.seal.standingWater = statedMm(50);
    v.seal.seams = "none";
  },
  "seal/water-over-dam": (_, v) => {
    v.seal.standingWater = statedMm(130);
  },
  "seal/splash-only": () => {},
  "seal/key-the-pvc": () => {},
  "seal/airing-too-short": (_, v) => {
    v.seal.airingDays = statedMm(1);
  },
  "seal/bead-too-thick": (_, v) => {
    v.seal.leg = statedMm(20);
  },
  "cuts/no-sheet-fits": (_, v) => {
    v.shell.size.width = statedMm(2600);
  },
  "buying/over-budget": (b) => {
    b.brief.budgetMinor = 5000;
  },
  "buying/track-is-joined": (_, v) => {
    v.shell.size.width = statedMm(2200);
  },
};

/** Rules whose mistake above Hornwort must be able to mend by itself. */
const MENDED = [
  "shell/top-sags",
  "shell/head-rail-sags",
  "shell/dam-too-low",
  "shell/ground-not-planned",
  "shell/silicone-is-no-glue",
  "shell/cement-is-for-pvc",
  "front/no-door",
  "front/glass-too-thick-for-track",
  "front/glass-loose-in-track",
  "front/glass-too-thin",
  "front/overlap",
  "front/rail-sag-binds",
  "front/way-out",
  "front/no-lock",
  "place/off-the-face",
  "place/too-near-the-edge",
  "air/holes-too-close",
  "place/below-the-ground",
  "seal/mould-inhibitor",
  "seal/water-without-beads",
  "seal/water-over-dam",
  "seal/airing-too-short",
  "seal/bead-too-thick",
];

describe("snags", () => {
  it.each(MENDED)("%s offers a fix", (rule) => {
    const design = jobBuild();
    MISTAKES[rule]!(design, design.variants[0] as SheetVariant);
    const offered = plan(jobInput(design), quick).snags.filter((s) => s.rule === rule);
    expect(offered.some((s) => s.fix !== undefined)).toBe(true);
  });

  it.each(Object.entries(MISTAKES))(
    "%s speaks when its mistake is made, with reason, and its fix clears it",
    (rule, mistake) => {
      const design = jobBuild();
      mistake(design, design.variants[0] as SheetVariant);
      const input = jobInput(design);
      expect(checkDesign(design, input.book)).toEqual([]);
      const before = plan(input, quick);
      const spoken = before.snags.filter((s) => s.rule === rule);
      expect(spoken.length).toBeGreaterThan(0);
      for (const snag of spoken) {
        expect(snag.sentence.length).toBeGreaterThan(15);
        expect(snag.reason.length).toBeGreaterThan(15);
        expect(JSON.stringify(snag)).not.toMatch(/NaN|undefined|Infinity/);
        if (!snag.fix) continue;
        const fixed = planUnproved({ ...input, design: applyFix(design, snag.fix.patch) });
        expect(fixed.snags.some((s) => s.rule === snag.rule && s.subject === snag.subject)).toBe(false);
        expectNoNewStop(before, fixed);
      }
    },
  );

  it("speaks of missing prices and missing hours", () => {
    const input = {
      ...jobInput(),
      book: starterBook(),
      workshop: { ...jobInput().workshop, hours: [[], [], [], [], [], [], []] },
    };
    const rules = plan(input).snags.map((s) => s.rule);
    expect(rules).toContain("buying/no-price");
    expect(rules).toContain("diary/no-hours");
  });

  it("orders stops before what to mind before notes", () => {
    const design = jobBuild();
    design.variants[0]!.closure = { kind: "open" };
    design.variants[0]!.features = design.variants[0]!.features.slice(0, 1);
    const order = plan(jobInput(design)).snags.map((s) => ({ stop: 0, mind: 1, note: 2 })[s.severity]);
    expect(order).toEqual([...order].sort());
  });
});

const stops = (p: Plan) => new Set(p.snags.filter((s) => s.severity === "stop").map((s) => `${s.rule}/${s.subject}`));
function expectNoNewStop(before: Plan, after: Plan) {
  const had = stops(before);
  expect([...stops(after)].filter((s) => !had.has(s))).toEqual([]);
}

/** Any build the limits let through. */
function anyBuild(): fc.Arbitrary<Build> {
  const mm = (min: number, max: number) => fc.integer({ min: min * 2, max: max * 2 }).map((n) => statedMm(n / 2));
  const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: null });
  const base = fc.constantFrom("left" as const, "right" as const, "back" as const, "top" as const, "front" as const);
  const holes = fc
    .record({
      face: base,
      pattern: fc.constantFrom("square" as const, "staggered" as const),
      holeDia: mm(2, 40),
      gap: mm(1, 40),
      columns: fc.integer({ min: 1, max: 20 }),
      rows: fc.integer({ min: 1, max: 8 }),
      mesh: fc.constantFrom(null, "fly-screen", "steel-mesh-6"),
      u: mm(0, 1500),
      v: mm(0, 900),
    })
    .map(
      ({ gap, ...h }): Omit<Extract<Feature, { kind: "holes" }>, "id"> => ({
        ...h,
        name: "",
        kind: "holes",
        pitch: statedMm(h.holeDia.value + gap.value),
      }),
    );
  const mesh = fc
    .record({
      face: base,
      width: mm(5, 600),
      height: mm(5, 300),
      mesh: fc.constantFrom("fly-screen", "steel-mesh-6"),
      lap: mm(0, 40),
      u: mm(0, 1500),
      v: mm(0, 900),
    })
    .map((m): Omit<Extract<Feature, { kind: "mesh" }>, "id"> => ({ ...m, name: "", kind: "mesh", shape: "panel" }));
  const glass = fc.constantFrom("glass-4", "glass-6");
  return fc
    .record({
      width: mm(150, 2400),
      depth: mm(150, 1000),
      height: mm(200, 1200),
      material: fc.constantFrom("pvc-foam-6", "pvc-foam-10", "pvc-foam-19", "plywood-12"),
      top: maybe(fc.constantFrom("pvc-foam-13", "plywood-18")),
      box: fc.constantFrom("topBaseOver" as const, "sidesFull" as const),
      back: fc.constantFrom("overlaid" as const, "inset" as const, "rabbeted" as const),
      fixing: fc.constantFrom("cementAndScrews" as const, "adhesiveAndScrews" as const, "siliconeOnly" as const),
      given: fc.constantFrom("inside" as const, "outside" as const),
      dam: maybe(mm(5, 150)),
      ventRail: maybe(mm(5, 60)),
      headRail: maybe(mm(5, 100)),
      stile: maybe(mm(5, 60)),
      ground: maybe(mm(5, 200)),
      load: mm(0, 40),
      glass,
      track: fc.constantFrom("track-4", "track-6"),
      open: fc.boolean(),
      lock: fc.constantFrom("none" as const, "wedge" as const, "key" as const),
      features: fc.array(fc.oneof(holes, mesh), { maxLength: 4 }),
      seams: fc.constantFrom("none" as const, "base" as const, "all" as const),
      water: maybe(mm(1, 200)),
      leg: mm(2, 40),
      airing: mm(0, 20),
      resident: maybe(fc.record({ n: fc.nat(STARTER_RESIDENTS.length - 1), narrowest: maybe(mm(1, 60)) })),
      budget: maybe(fc.integer({ min: 0, max: 100_000 })),
    })
    .map((r) => {
      const variant = jobVariant();
      variant.shell.size = { given: r.given, depthTo: "behindFront", width: r.width, depth: r.depth, height: r.height };
      variant.shell.material = r.material;
      variant.faces = r.top ? { top: { material: r.top } } : {};
      variant.shell.joints = {
        ...variant.shell.joints,
        box: r.box,
        back: r.back,
        fixing: r.fixing,
        rabbetDepth: statedMm(3),
      };
      variant.shell.front = { dam: r.dam, ventRail: r.ventRail, headRail: r.headRail, stile: r.stile };
      variant.shell.groundDepth = r.ground;
      variant.shell.topLoadKg = r.load;
      variant.closure = r.open
        ? { kind: "open" }
        : {
            kind: "slidingPair",
            glass: r.glass,
            track: r.track,
            overlap: statedMm(25),
            sideAllowance: statedMm(2),
            brushStrip: false,
            lock: r.lock,
          };
      variant.features = r.features.map((f, i) => ({ ...f, id: `f${i}` }) as Feature);
      variant.seal = {
        sealant: "silicone-neutral",
        leg: r.leg,
        seams: r.seams,
        standingWater: r.water,
        airingDays: r.airing,
        ...structuredClone(BARE_SEAL),
      };
      const build = jobBuild(variant);
      build.brief.budgetMinor = r.budget;
      build.brief.residents = r.resident
        ? [{ ...structuredClone(STARTER_RESIDENTS[r.resident.n]!), narrowestRigid: r.resident.narrowest }]
        : [];
      return build;
    })
    .filter((build) => checkDesign(build, jobInput().book).length === 0);
}

describe("any valid design", () => {
  it("plans without NaN, and its parts' areas add up to the faces they came from", () => {
    fc.assert(
      fc.property(anyBuild(), (design) => {
        const p = planUnproved(jobInput(design));
        JSON.stringify(publicPlan(p), (key, value: unknown) => {
          if (typeof value === "number" && !Number.isFinite(value)) throw new Error(`${key} is ${value}`);
          if (typeof value === "string" && /NaN|undefined|Infinity/.test(value))
            throw new Error(`${key} says ${value}`);
          return value;
        });
        const { inside, outside, strips } = p.shell;
        const rabbet = (design.variants[0] as SheetVariant).shell.joints;
        if (rabbet.back === "rabbeted") return;
        const walls =
          outside.widthMm * outside.depthMm * outside.heightMm - inside.widthMm * inside.depthMm * inside.heightMm;
        const frame = strips.reduce((sum, s) => sum + s.widthMm * s.heightMm * s.material.thicknessMm, 0);
        const sheet = p.parts
          .filter((x) => x.kind === "panel")
          .reduce((sum, x) => sum + x.lengthMm * x.widthMm * x.thicknessMm, 0);
        expect(sheet / (walls + frame)).toBeCloseTo(1, 9);
      }),
      { numRuns: 100 },
    );
  });

  it("each fix offered clears its snag and raises no new stop", () => {
    fc.assert(
      fc.property(anyBuild(), (design) => {
        const input = jobInput(design);
        const before = plan(input, quick);
        for (const snag of before.snags) {
          if (!snag.fix) continue;
          const fixed = applyFix(design, snag.fix.patch);
          expect(checkDesign(fixed, input.book)).toEqual([]);
          const after = planUnproved({ ...input, design: fixed });
          expect(
            after.snags.filter((s) => s.rule === snag.rule && s.subject === snag.subject),
            `${snag.rule}: ${snag.fix.label}`,
          ).toEqual([]);
          expectNoNewStop(before, after);
        }
      }),
      { numRuns: 25 },
    );
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
