import type { ClimateInput } from "../climate/format";
import { UNKNOWN_NAMES, type UnknownId } from "./names";
import { type Unknown, unknownKind } from "./unknowns";
import { Z95 } from "./z95";

/** What is unknown of a shell's air, and how its parts hang together once readings were fitted. */
export interface Doubt {
  unknowns: readonly Unknown[];
  /** Of where they are taken, in the unknowns' order, in squared standard deviations of what was taken first; null while each stands for itself. */
  covariance: readonly (readonly number[])[] | null;
}

/** One side of a range is taken as at most so many times the other. */
const MOST_SKEW = 20;

/**
 * What an unknown is at so many standard deviations from what was taken of it: times as much, or added to it. Its range is
 * that of 5 to 95 of a hundred and need not be as wide on both sides: between them it runs smoothly, as Tukey's g
 * distribution does (source: hoaglin-1985), so that a fit finds no corner in it.
 */
export function unknownAt({ id, low, high }: Omit<Unknown, "at">, z: number): number {
  const { adds } = unknownKind(id);
  const [down, up] = adds ? [-low, high] : [-Math.log(low), Math.log(high)];
  const g = Math.log(Math.min(MOST_SKEW, Math.max(1 / MOST_SKEW, up / down))) / Z95;
  const by = Math.abs(g) < 1e-6 ? (up * z) / Z95 : (up * Math.expm1(g * z)) / Math.expm1(g * Z95);
  return adds ? by : Math.exp(by);
}

/** An input with its unknowns turned to where they are in standard deviations, from where they are taken. */
export const turnedTo = (input: ClimateInput, unknowns: readonly Unknown[], z: readonly number[]): ClimateInput =>
  unknowns.reduce((at, unknown, i) => {
    const kind = unknownKind(unknown.id);
    const [to, from] = [unknownAt(unknown, z[i]!), unknownAt(unknown, unknown.at)];
    return kind.turn(at, kind.adds ? to - from : to / from);
  }, input);

/** An input as it was before anything was known of its unknowns, turned to where they are taken. */
export function asTaken(input: ClimateInput, unknowns: readonly Unknown[]): ClimateInput {
  const known = unknowns.filter((u) => u.at !== 0);
  return turnedTo(
    input,
    known.map((u) => ({ ...u, at: 0 })),
    known.map((u) => u.at),
  );
}

/** Everything that is unknown of an input, as far as nobody has measured it. @param room how far it may be off, °C and % rh */
export function unknownsOf(
  input: ClimateInput,
  room: Partial<Record<UnknownId, { low: number; high: number }>>,
): Unknown[] {
  return UNKNOWN_NAMES.flatMap((id): Unknown[] => {
    const { known, matters } = unknownKind(id);
    const range = known ?? room[id];
    if (!range || !matters(input) || (range.low === 0 && range.high === 0)) return [];
    return [{ id, low: range.low ?? 1, high: range.high ?? 1, at: 0 }];
  });
}
