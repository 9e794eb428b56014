import { type Known, memory } from "../figures/figure";

/** The warmth that cures are told for, °C. */
export const CURES_AT_C = 20;
/** What sets by reaction or drying takes about twice as long so many kelvins colder: the usual rule for reactions. */
const DOUBLES_PER_K: Known = { value: 10, low: 8, high: 15, basis: memory };
/** Colder still it hardly sets at all, and no clock would say when (source: bench). */
const MOST_FACTOR = 4;

/**
 * How much longer a cure takes in a cold room. A warm room is no promise: it is never taken to be shorter.
 * @param roomC warmth of the room, °C; null where nobody looked
 * @returns factor, 1 at 20 °C and over, at most 4
 */
export const coldFactor = (roomC: number | null): number =>
  roomC === null || roomC >= CURES_AT_C ? 1 : Math.min(MOST_FACTOR, 2 ** ((CURES_AT_C - roomC) / DOUBLES_PER_K.value));
