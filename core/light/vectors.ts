import type { Place } from "./format";

export const minus = (a: Place, b: Place): Place => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
/** From `a` along `b`, `t` times. */
export const along = (a: Place, b: Place, t: number): Place => [a[0] + t * b[0], a[1] + t * b[1], a[2] + t * b[2]];
export const dot = (a: Place, b: Place): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
// Not `Math.hypot`, which is many times slower and is asked of every point of every drawing.
export const length = (a: Place): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export const scaled = (a: Place, t: number): Place => [a[0] * t, a[1] * t, a[2] * t];
