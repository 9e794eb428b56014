import fc from "fast-check";
import { newSlidingPair } from "../core/closures/kinds/slidingPair/create";
import { statedMm } from "../core/design/measure";
import { checkDesign } from "../core/document/check";
import type { Build } from "../core/document/schema";
import type { Feature } from "../core/features/schema";
import { stackOf } from "../core/ground/layers/starts";
import { STARTER_RESIDENTS } from "../core/residents/starters";
import { bareSeal } from "../core/seal/schema";
import { FIXING_IDS } from "../core/shell/fixings/names";

import { anyFixtures } from "./anyFixtures";
import { maybe, mm } from "./anyMeasure";
import { jobBuild, jobInput, jobVariant } from "./job";

/** Any build of sheet that passes its limits. */
export function anySheetBuild(): fc.Arbitrary<Build> {
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
        origin: "made",
        meshOrigin: "made",
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
    .map(
      (m): Omit<Extract<Feature, { kind: "mesh" }>, "id"> => ({
        ...m,
        name: "",
        kind: "mesh",
        origin: "made",
        meshOrigin: "made",
        shape: "panel",
      }),
    );
  const glass = fc.constantFrom("glass-4", "glass-6");
  return fc
    .record({
      width: mm(150, 2400),
      depth: mm(150, 1000),
      height: mm(200, 1200),
      material: fc.constantFrom(
        ...["pvc-foam-6", "pvc-foam-10", "pvc-foam-19", "plywood-12", "acrylic-5", "twin-wall-4", "glass-6"],
      ),
      top: maybe(fc.constantFrom("pvc-foam-13", "plywood-18")),
      box: fc.constantFrom("topBaseOver" as const, "sidesFull" as const),
      back: fc.constantFrom("overlaid" as const, "inset" as const, "rabbeted" as const),
      fixing: fc.constantFrom(...FIXING_IDS),
      bed: maybe(mm(0, 4)),
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
      lock: fc.constantFrom(null, "wedge" as const, "key" as const),
      features: fc.array(fc.oneof(holes, mesh), { maxLength: 4 }),
      seams: fc.constantFrom("none" as const, "base" as const, "all" as const),
      water: maybe(mm(1, 200)),
      leg: mm(2, 40),
      airing: mm(0, 20),
      resident: maybe(fc.record({ n: fc.nat(STARTER_RESIDENTS.length - 1), narrowest: maybe(mm(1, 60)) })),
      pane: maybe(mm(30, 160)),
      floor: maybe(glass),
      drain: maybe(mm(20, 80)),
      budget: maybe(fc.integer({ min: 0, max: 100_000 })),
      fixtures: anyFixtures,
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
        bed: r.bed,
        rabbetDepth: statedMm(3),
      };
      variant.shell.front = { dam: r.dam, ventRail: r.ventRail, headRail: r.headRail, stile: r.stile };
      variant.shell.groundDepth = r.ground;
      variant.shell.damPane = r.pane && {
        source: { of: "bought", material: r.glass },
        ...{ height: r.pane, length: null },
      };
      variant.shell.floor = r.floor === null ? null : { source: { of: "bought", material: r.floor } };
      variant.ground.layers = r.drain ? stackOf({ drain: { body: "clay", mm: r.drain.value } }) : [];
      variant.shell.topLoadKg = r.load;
      variant.fixtures = r.fixtures;
      variant.closures = r.open
        ? []
        : [{ ...newSlidingPair(4, r.lock && { kind: r.lock, origin: "made" }), glass: r.glass, track: r.track }];
      variant.features = r.features.map((f, i) => ({ ...f, id: `f${i}` }) as Feature);
      variant.seal = {
        ...bareSeal(),
        leg: r.leg,
        seams: r.seams,
        standingWater: r.water,
        airingDays: r.airing,
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
