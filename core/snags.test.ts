import { describe, expect, it } from "vitest";
import { jobBuild, jobInput } from "../tests/job";
import { planUnproved, quick } from "../tests/quick";
import { expectNoNewStop, expectWhole } from "../tests/sound";
import { starterBook } from "./book/starter";
import type { SlidingPair } from "./closures/kinds/slidingPair/schema";
import { statedMm } from "./design/measure";
import { checkDesign } from "./document/check";
import type { Build, SheetVariant } from "./document/schema";
import type { Feature } from "./features/schema";
import { plan } from "./plan";
import { STARTER_RESIDENTS } from "./residents/starters";
import { applyFix } from "./snags/fix";

const slides = ({ closures }: SheetVariant): SlidingPair => closures[0] as SlidingPair;

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
  "shell/joint-not-held": (_, v) => {
    v.shell.joints.fixing = "siliconeOnly";
  },
  "shell/thin-edge": (_, v) => {
    v.shell.material = "pvc-foam-6";
  },
  "shell/keep-cool": () => {},
  "front/no-door": (_, v) => {
    v.closures = [];
  },
  "front/glass-too-thick-for-track": (_, v) => {
    slides(v).glass = "glass-6";
  },
  "front/glass-loose-in-track": (_, v) => {
    slides(v).track = "track-6";
  },
  "front/measure-before-glass": () => {},
  "front/glass-too-thin": (_, v) => {
    v.shell.size.height = statedMm(900);
  },
  "front/overlap": (_, v) => {
    slides(v).overlap = statedMm(8);
  },
  "front/rail-sag-binds": (_, v) => {
    v.shell.front.headRail = statedMm(25);
    v.shell.topLoadKg = statedMm(30);
  },
  "front/way-out": (b) => {
    b.brief.residents[0]!.narrowestRigid = statedMm(5);
  },
  "front/no-lock": (_, v) => {
    slides(v).lock = null;
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
  "shell/joint-not-held",
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
        const mended = applyFix(design, snag.fix.patch);
        expectWhole(mended);
        const fixed = planUnproved({ ...input, design: mended });
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
    design.variants[0]!.closures = [];
    design.variants[0]!.features = design.variants[0]!.features.slice(0, 1);
    const order = plan(jobInput(design)).snags.map((s) => ({ stop: 0, mind: 1, note: 2 })[s.severity]);
    expect(order).toEqual([...order].sort());
  });
});
