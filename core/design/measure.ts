import type { Measure } from "./basics";

/** A measure in millimetres as decided by the builder. */
export const statedMm = (value: number, typed = String(value)): Measure => ({ typed, value, how: "stated" });
