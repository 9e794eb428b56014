import * as v from "valibot";

/** A number of a command's input between two bounds, each fault of it told in words that name it. */
export const bounded = (what: string, low: number, high: number, unit = "") =>
  v.pipe(
    v.number(`${what} must be a number.`),
    v.finite(`${what} must be a finite number.`),
    v.minValue(low, `${what} must be at least ${low}${unit}.`),
    v.maxValue(high, `${what} must be at most ${high}${unit}.`),
  );
