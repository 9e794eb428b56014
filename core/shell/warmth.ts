import { type Known, memory } from "../figures/figure";

/** Between the bench a piece is cut on and the warmest day in its place, K. From memory. */
export const WARMER: Known = { value: 15, low: 10, high: 25, basis: memory };

/** How much longer a piece is then, mm. @param growthPerK of its stuff */
export const grownMm = (lengthMm: number, growthPerK: number): number => lengthMm * growthPerK * WARMER.value;
