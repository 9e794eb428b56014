import type { Brief, Variant } from "../document/schema";
import type { Site } from "../shell/site";
import { testLevel } from "./testLevel";

/** Air wetter than this drips: from memory. */
export const WET_RH = 70;

/** Whether somebody who lives there is kept wet. */
export const keptWet = ({ residents }: Pick<Brief, "residents">): boolean =>
  residents.some((r) => (r.bands.rh?.low ?? 0) >= WET_RH);

/** Whether it is misted. */
export const isMisted = ({ ground }: Pick<Variant, "ground">): boolean => (ground.misting?.value ?? 0) > 0;

/** Why water can stand in a build, in words, the surest first; empty where none can. */
export function whyWaterStands({ brief, variant, shell, say }: Site): string[] {
  const { seal } = variant;
  return [
    ...(seal.standingWater ? [`${say(seal.standingWater.value)} of standing water`] : []),
    ...(shell.levels.drainMm > 0 ? [`a drainage layer of ${say(shell.levels.drainMm)}`] : []),
    ...(variant.vessels.some((x) => x.kind === "pool") ? ["a pool"] : []),
    ...(isMisted(variant) ? ["misting"] : []),
    ...(keptWet(brief) ? ["a resident that is kept wet"] : []),
  ];
}

/** Whether water can stand in it, so that it is tested. Whether it has a dam, and seams, are questions of their own. */
export const waterStands = (site: Site): boolean => whyWaterStands(site).length > 0;

/** Whether anything holds water at its lowest edge: a dam, a tray, or walls all round. */
export const hasDam = ({ shell }: Pick<Site, "shell">): boolean => shell.levels.damTopMm > 0;

/** Seams that nobody has beaded: those its maker ran are not of them. */
export const openSeams = ({ shell }: Pick<Site, "shell">) => shell.seams.filter((s) => !s.found);

/** Whether misting fills the drain layer in so many days, and nothing lets the water out. */
export const fillsForSure = ({ variant: { ground } }: Pick<Site, "variant">): boolean =>
  ground.layers.some((l) => l.kind === "drain") &&
  isMisted({ ground }) &&
  (ground.lost?.value ?? 0) < 100 &&
  ground.outlet === "none";

/** How high a dam must be for what is planned behind it, mm: the test's level, and the ground with its freeboard. */
export const damWantedMm = ({ shell }: Pick<Site, "shell">, freeboardMm: number): number =>
  Math.ceil(
    Math.max(
      testLevel({ ...shell.levels, damTopMm: 0 }).levelMm,
      shell.levels.groundMm > 0 ? shell.levels.groundFrontMm + freeboardMm : 0,
    ),
  );
