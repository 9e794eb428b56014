import { type Known, memory } from "../figures/figure";
import { type Need, need } from "../ledgers/needs";
import type { Site } from "../shell/site";

/** The tube of the book that a siphon pipe is, and its cap. */
export const STANDPIPE = "standpipe-tube";

/** What the way out for water takes. A bulkhead is bought with its port, a pump with what it serves. */
export function outletNeeds({ variant: { ground, seal }, shell }: Site): Need[] {
  if (ground.outlet !== "standpipe") return [];
  const mm = shell.levels.groundMm + ABOVE_MM;
  return [
    need(STANDPIPE, "mm", "a siphon pipe from the base to over the substrate", [mm, mm, mm]),
    need(seal.sealant, "mL", "a dab under the siphon pipe", [DAB_ML.value, DAB_ML.low!, DAB_ML.high!]),
  ];
}
/** A dab of silicone under a pipe's foot, mL. From memory. */
const DAB_ML: Known = { value: 8, low: 4, high: 15, basis: memory };
/** A siphon pipe stands out of the substrate by this, mm. From memory. */
const ABOVE_MM = 50;
