import { memory } from "../figures/figure";

/** Cutting tolerance of ordered glass, ± mm. */
export const GLASS_CUT = { value: 1, basis: memory } as const;
