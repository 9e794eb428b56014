/** Two lengths, areas or amounts are the same where they differ by less: binary fractions are off by far less than this. */
const SLACK = 1e-6;

/** Whether two numbers are the same but for binary fractions. */
export const same = (a: number, b: number): boolean => Math.abs(a - b) < SLACK;

/** Whether one is less than the other by more than binary fractions. */
export const under = (value: number, limit: number): boolean => value < limit - SLACK;

/** Whether one is more than the other by more than binary fractions. */
export const over = (value: number, limit: number): boolean => value > limit + SLACK;

/** Whether one is no less than the other, binary fractions forgiven. */
export const atLeast = (value: number, limit: number): boolean => !under(value, limit);

/**
 * Whether one is no more than the other, binary fractions forgiven.
 * @example
 * atMost(0.1 + 0.2, 0.3); // true
 * atMost(0.31, 0.3); // false
 */
export const atMost = (value: number, limit: number): boolean => !over(value, limit);

/** Rounded up to a whole number, unless only binary fractions are over it. */
export const ceil = (value: number): number => Math.ceil(value - SLACK);

/** Rounded down to a whole number, unless only binary fractions are under the next. */
export const floor = (value: number): number => Math.floor(value + SLACK);
