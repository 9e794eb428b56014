/** Steps of the model in each pass of a fit, s: first coarse ones, then what is off is weighed again, twice, by fine ones. */
export const PASS_STEPS_S = [300, 60, 60] as const;
