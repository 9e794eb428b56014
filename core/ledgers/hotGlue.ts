import { type Known, memory } from "../figures/figure";

/** Hot glue of the book, how far a stick runs, and until it holds. From memory. */
export const HOT_GLUE = "hot-glue-stick";
export const STICK_MM: Known = { value: 500, low: 350, high: 700, basis: memory };
export const HOT_GLUE_MINUTES: Known = { value: 10, low: 5, high: 20, basis: memory };
