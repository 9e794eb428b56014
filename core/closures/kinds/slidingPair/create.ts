import { statedMm } from "../../../design/measure";
import type { Variant } from "../../../document/schema";

/** The starting values of a sliding pair on the starter tracks (source: rates-and-materials). */
export const newSlidingPair = (glassMm: 4 | 6 = 4): Extract<Variant["closure"], { kind: "slidingPair" }> => ({
  kind: "slidingPair",
  track: `track-${glassMm}`,
  glass: `glass-${glassMm}`,
  overlap: statedMm(25),
  sideAllowance: statedMm(2),
  brushStrip: false,
  lock: "none",
});
