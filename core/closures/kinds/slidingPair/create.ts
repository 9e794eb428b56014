import { statedMm } from "../../../design/measure";
import type { SlidingPair } from "./schema";

/** The starting values of a sliding pair on the starter tracks (source: rates-and-materials). */
export const newSlidingPair = (
  glassMm: 4 | 6 = 4,
  lock: SlidingPair["lock"] = null,
  opening = "front",
): SlidingPair => ({
  ...{ id: opening, opening, origin: "made", lock },
  kind: "slidingPair",
  track: `track-${glassMm}`,
  glass: `glass-${glassMm}`,
  overlap: statedMm(25),
  sideAllowance: statedMm(2),
  brushStrip: false,
});
