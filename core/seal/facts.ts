import type { SafetySplit } from "../design/names";
import { factKey } from "../ledgers/facts";

/** A question of safety that the build runs into, and by what. */
export interface SplitMet {
  split: SafetySplit;
  because: string;
}
/** Told by any trade whose choice raises one. */
export const SPLIT_MET = factKey<SplitMet>("splitMet");

export const METAL_INSIDE: SplitMet = { split: "metalInTheWet", because: "there is metal in it" };

/** The seams that get a bead, by their ids. */
export const BEADED = factKey<readonly string[]>("beaded");
