/** Two lengths, areas or amounts are the same where they differ by less: binary fractions are off by far less than this. */
const SLACK = 1e-6;

/** Neither a saw's fence, a tape nor a hand sets a length finer than this, mm: what differs by less is the same at the bench. */
export const SET_MM = 0.05;

/** Whether two numbers differ by less than a slack: that of binary fractions, or one given, in their own unit. */
export const same = (a: number, b: number, slack = SLACK): boolean => Math.abs(a - b) < slack;

/** Whether two lengths, mm, are the same at the bench. */
export const sameSet = (aMm: number, bMm: number): boolean => same(aMm, bMm, SET_MM);

/** Whether one is less than the other by more than a slack. */
export const under = (value: number, limit: number, slack = SLACK): boolean => value < limit - slack;

/** Whether one is more than the other by more than a slack. */
export const over = (value: number, limit: number, slack = SLACK): boolean => value > limit + slack;

/** Whether one is no less than the other, a slack forgiven. */
export const atLeast = (value: number, limit: number, slack = SLACK): boolean => !under(value, limit, slack);

/**
 * Whether one is no more than the other, a slack forgiven: that of binary fractions, or one given, in their own unit.
 * @example
 * atMost(0.1 + 0.2, 0.3); // true
 * atMost(0.31, 0.3); // false
 * atMost(600.04, 600, SET_MM); // true
 */
export const atMost = (value: number, limit: number, slack = SLACK): boolean => !over(value, limit, slack);

/** Rounded up to a whole number, unless only binary fractions are over it. */
export const ceil = (value: number): number => Math.ceil(value - SLACK);

/** Rounded down to a whole number, unless only binary fractions are under the next. */
export const floor = (value: number): number => Math.floor(value + SLACK);
