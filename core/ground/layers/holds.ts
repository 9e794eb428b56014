import { type Known, memory } from "../../figures/figure";

const share = (value: number, low: number, high: number): Known => ({ value, low, high, basis: memory });

/** Share of a substrate's room that is water the air can take, once it has drained. From memory. */
export const HOLDS = {
  mix: share(0.3, 0.15, 0.45),
  sand: share(0.1, 0.03, 0.2),
  moss: share(0.5, 0.3, 0.7),
  leaves: share(0.15, 0.05, 0.3),
} as const;
