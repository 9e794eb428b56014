import fc from "fast-check";
import { bareBackground } from "../core/background/schema";
import { checkDesign } from "../core/document/check";
import { newBuild, newVariant } from "../core/document/create";
import type { Build, Variant } from "../core/document/schema";
import type { Feature } from "../core/features/schema";
import { bareGround } from "../core/ground/schema";
import { STARTER_RESIDENTS } from "../core/residents/starters";
import { anyFeature } from "./anyFeature";
import { anyFixtures } from "./anyFixtures";
import { anyCures, anyGaps } from "./anyGap";
import {
  anyBackground,
  anyBoxes,
  anyDividers,
  anyGround,
  anyHardscape,
  anyService,
  anyStreams,
  anyVessels,
} from "./anyInside";
import { maybe, mm } from "./anyMeasure";
import { anyStart } from "./anyStart";
import { jobInput } from "./job";

/** Any build that starts from a found shell and passes its limits. */
export const anyFoundBuild = (): fc.Arbitrary<Build> =>
  fc
    .record({
      start: anyStart,
      features: fc.array(anyFeature, { maxLength: 4 }),
      water: maybe(mm(5, 120)),
      seams: fc.constantFrom("none" as const, "base" as const, "all" as const),
      resident: maybe(fc.nat(STARTER_RESIDENTS.length - 1)),
      background: fc.option(anyBackground, { nil: bareBackground() }),
      ground: fc.option(anyGround, { nil: bareGround() }),
      service: anyService,
      ...{ hardscape: anyHardscape, dividers: anyDividers, vessels: anyVessels, boxes: anyBoxes, streams: anyStreams },
      ...{ gaps: anyGaps, cures: anyCures, fixtures: anyFixtures },
    })
    .map(({ start, features, water, seams, resident, ...inside }) => {
      const kind = start.shell!.kind;
      const base = newVariant(kind);
      const variant: Variant = {
        ...base,
        ...start,
        features: features.map((f, i) => ({ ...f, id: `f${i}` }) as Feature),
        seal: { ...base.seal, standingWater: water, seams },
        ...inside,
      };
      const build = newBuild("Any", { unit: "mm" }, variant);
      build.brief.residents = resident === null ? [] : [structuredClone(STARTER_RESIDENTS[resident]!)];
      return build;
    })
    .filter((build) => checkDesign(build, jobInput().book).length === 0);
