import { type Known, memory } from "../figures/figure";
import type { Resident } from "./schema";

/** Share of the narrowest rigid measure a gap may be, by kind of body (source: doors-and-gaps). */
export const GAP_FACTOR: Record<Resident["body"], Known & { words: string }> = {
  scaled: { value: 0.5, basis: memory, words: "scaled animals and rodents" },
  softBodied: { value: 0.33, basis: memory, words: "soft-bodied animals" },
  hardBodied: { value: 0.5, basis: memory, words: "hard-bodied invertebrates, by the carapace" },
  flattener: { value: 0.25, basis: memory, words: "roaches and other flatteners" },
};

/** Who bears no more than this lives dry, and falls ill in damp air, % rh. From memory. */
export const DRY_RH: Known = { value: 55, basis: memory };
