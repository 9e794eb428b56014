import { published } from "../figures/figure";

/** Ferguson's zones of mean exposure, UV index from which each begins. */
export const ZONES_FROM = { value: [0.05, 0.7, 1.0, 2.6], basis: published("ferguson-zones") } as const;
/** Above this no zone's mean lies. */
export const ABOVE_ZONES_UVI = { value: 3.5, basis: published("ferguson-zones") } as const;
/** Too strong for anything that basks. */
export const TOO_STRONG_UVI = { value: 8, basis: published("ferguson-zones") } as const;

export type Zone = 0 | 1 | 2 | 3 | 4;

/** Among Ferguson's mean exposures: 0 under them all, 4 the highest. */
export function zoneOf(uvi: number): Zone {
  // A reading of just 0.7 is of the higher zone, whatever its last digit is after some reckoning.
  return ZONES_FROM.value.filter((from) => uvi >= from * (1 - 1e-9)).length as Zone;
}

/** What is to be said of an index above the zones; nothing under it. */
export function strongWords(uvi: number): string[] {
  return [
    ...(uvi > ABOVE_ZONES_UVI.value ? ["above every zone's mean: short basking only, with shade"] : []),
    ...(uvi > TOO_STRONG_UVI.value ? ["too strong"] : []),
  ];
}
