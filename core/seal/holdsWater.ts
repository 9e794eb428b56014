import type { Site } from "../shell/site";

/** Whether this build is to hold standing water at all. */
export const holdsWater = (site: Site): boolean =>
  site.variant.seal.standingWater !== null && site.shell.levels.damTopMm > 0;
