import fc from "fast-check";
import { statedMm } from "../core/design/measure";

/** Any length between two, in half millimetres. */
export const mm = (min: number, max: number) => fc.integer({ min: min * 2, max: max * 2 }).map((n) => statedMm(n / 2));
/** A thing, or null. */
export const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: null });
/** What becomes of a found thing. */
export const fate = fc.constantFrom("kept" as const, "mended" as const, "replaced" as const);
/** Whether a thing was found. */
export const origin = fc.constantFrom("made" as const, "found" as const);
