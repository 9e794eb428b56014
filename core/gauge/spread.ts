import { type Known, memory } from "../figures/figure";

/** What one of the two was off in each hour; null where nothing was read. */
export type Off = readonly (number | null)[];

/** How far the readings of one of the two are off, and what of them tells nothing. */
export interface OffSpread {
  /** As a standard deviation. */
  sigma: number;
  /** How much of it goes on from hour to hour: the correlation of an hour with the next. */
  alike: number;
  /** Hours in which something happened that no plan has. */
  strays: ReadonlySet<number>;
}

/** So many standard deviations off, an hour is left out. From memory. */
const STRAYS: Known = { value: 4.5, basis: memory };
/** What strayed lingers in what holds heat and water, for as long as it is over a standard deviation off, and at most so long. */
const LINGERS_H = 12;
/** More of the hours than this are no accident, and none is left out. */
const MOST_STRAYS = 0.06;
/** What follows on itself more than this is taken as no more. */
const MOST_ALIKE = 0.97;
/** 1.4826 medians of what is off are a standard deviation, where a few stray. */
const MEDIAN_TO_SIGMA = 1.4826;

const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

/** What was read less what was to be read. */
export const offOf = (read: readonly (number | null)[], told: readonly number[]): Off =>
  read.map((y, h) => (y === null ? null : y - told[h]!));

/** The hours that stray, with those they linger in. */
function straysOf(off: Off, sigma: number): Set<number> {
  const far = off.flatMap((x, h) => (x !== null && Math.abs(x) > STRAYS.value * sigma ? [h] : []));
  if (far.length > MOST_STRAYS * off.length) return new Set();
  const lingers = (h: number) => off[h] != null && Math.abs(off[h]) > sigma;
  const strays = new Set(far);
  for (const h of far) for (let then = h + 1; then <= h + LINGERS_H && lingers(then); then++) strays.add(then);
  return strays;
}

/** @param closest no gauge is trusted closer than this, as a standard deviation */
export function spreadOf(off: Off, closest: number): OffSpread {
  const known = off.filter((x) => x !== null);
  const strays = straysOf(off, Math.max(closest, MEDIAN_TO_SIGMA * median(known.map(Math.abs))));
  let [together, pairs, squares, singles] = [0, 0, 0, 0];
  off.forEach((x, h) => {
    if (x === null || strays.has(h)) return;
    squares += x * x;
    singles++;
    const before = strays.has(h - 1) ? null : off[h - 1];
    if (before == null) return;
    together += x * before;
    pairs++;
  });
  const variance = squares / Math.max(1, singles);
  const alike = pairs > 0 && variance > 0 ? together / pairs / variance : 0;
  return {
    sigma: Math.max(closest, Math.sqrt(variance)),
    alike: Math.min(MOST_ALIKE, Math.max(0, alike)),
    strays,
  };
}

/** A day of readings is told apart where it is so much over the rest, % rh. From memory. */
const SETTLING_RH: Known = { value: 2, basis: memory };

/**
 * How long a new shell reads high before it has settled, hours: whole days from the first, at most half of them.
 * @param off of its damp, % rh
 */
export function settlesFor(off: Off): number {
  const days = Math.floor(off.length / 24);
  const dayOf = (d: number) => off.slice(24 * d, 24 * d + 24).filter((x) => x !== null);
  const later = off.slice(12 * days).filter((x) => x !== null);
  const rest = median(later);
  const wide = MEDIAN_TO_SIGMA * median(later.map((x) => Math.abs(x - rest)));
  let settling = 0;
  while (
    settling < days / 2 &&
    dayOf(settling).length > 0 &&
    median(dayOf(settling)) - rest > Math.max(SETTLING_RH.value, 2 * wide)
  )
    settling++;
  return 24 * settling;
}
