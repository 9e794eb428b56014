import { newSlidingPair } from "../core/closures/kinds/slidingPair/create";
import type { Measure } from "../core/design/basics";
import { statedMm } from "../core/design/measure";
import { newBuild, newSheetVariant } from "../core/document/create";
import type { Build, SheetVariant, Variant } from "../core/document/schema";
import type { PlanInput } from "../core/plan";
import { STARTER_RESIDENTS } from "../core/residents/starters";
import type { SheetShell } from "../core/shell/kinds/sheet/schema";
import { emptyStock } from "../core/stock/schema";
import { parseLength } from "../core/units/length";
import { demoBook, demoWorkshop } from "../demo/tern-street";

/** A measure as a builder types it. */
export function typed(text: string, unit: "mm" | "in" = "mm"): Measure {
  const read = parseLength(text, unit);
  if (!read.ok) throw new Error(read.message);
  return { typed: text, value: read.value, how: "stated" };
}

/** The worked job: 1500 × 600 × 600 inside, 10 mm PVC, dam 100, head rail 60, sliding glass, a vent low left and high right, boas of 14 mm. */
export function jobVariant(size: [string, string, string] = ["1500", "600", "600"]): SheetVariant {
  const [width, depth, height] = size.map((text) => typed(text)) as [Measure, Measure, Measure];
  const variant = newSheetVariant({ width, depth, height }, "pvc-foam-10");
  variant.shell.front.dam = statedMm(100);
  variant.shell.front.headRail = statedMm(60);
  variant.shell.groundDepth = statedMm(60);
  variant.closures = [newSlidingPair(4, { kind: "key", origin: "made" })];
  variant.features = [
    {
      id: "low-1",
      name: "Low left",
      face: "left",
      kind: "holes",
      origin: "made",
      meshOrigin: "made",
      pattern: "staggered",
      holeDia: statedMm(6),
      pitch: statedMm(12),
      columns: 20,
      rows: 3,
      mesh: null,
      u: statedMm(300),
      v: statedMm(150),
    },
    {
      id: "high-1",
      name: "High right",
      face: "right",
      kind: "mesh",
      origin: "made",
      meshOrigin: "made",
      shape: "panel",
      width: statedMm(300),
      height: statedMm(80),
      mesh: "fly-screen",
      lap: statedMm(20),
      u: statedMm(300),
      v: statedMm(520),
    },
  ];
  return variant;
}

/** A build of one variant with a boa of 14 mm. */
export function jobBuild(variant: Variant = jobVariant()): Build {
  const build = newBuild("The job", { unit: "mm" }, variant);
  const boa = STARTER_RESIDENTS.find((r) => r.id === "rosy-boa")!;
  build.brief.residents = [{ ...structuredClone(boa), narrowestRigid: { ...statedMm(14), how: "measured" } }];
  return build;
}

/** Everything the plan wants, with the demo's prices and an empty rack. */
export const jobInput = (design: Build = jobBuild()): PlanInput => ({
  design,
  log: [],
  nestings: [],
  days: [],
  book: demoBook(),
  stock: emptyStock(),
  workshop: demoWorkshop,
  now: "2026-01-05T17:00",
  seed: 1,
});

/** The sheet box of a build that has one. */
export const sheetShell = (build: Build): SheetShell => (build.variants[0] as SheetVariant).shell;
