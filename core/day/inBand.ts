import { type Known, memory } from "../figures/figure";
import type { Resident } from "../residents/schema";
import { over, under } from "../units/tolerance";
import type { DayEnd } from "./answer";
import { hoursOf } from "./hours";

/** Nobody feels, and no gauge shows, less than this: within it a band is kept, % rh and K. From memory. */
export const ABOUT_RH: Known = { value: 1.5, basis: memory };
export const ABOUT_K: Known = { value: 0.5, basis: memory };
const ABOUT = { rh: ABOUT_RH, tempC: ABOUT_K };

export interface Band {
  low: number;
  high: number;
}

/** Everyone's band of something at once: what all of them bear; null where nobody has said, or nothing suits all. */
export function sharedBand(residents: readonly Resident[], of: keyof typeof ABOUT): Band | null {
  const bands = residents.flatMap((r) => r.bands[of] ?? []);
  if (bands.length === 0) return null;
  const low = Math.max(...bands.map((b) => b.low));
  const high = Math.min(...bands.map((b) => b.high));
  return low <= high ? { low, high } : null;
}

const isOver = (x: number, band: Band, of: keyof typeof ABOUT) => over(x, band.high + ABOUT[of].value);
const isUnder = (x: number, band: Band, of: keyof typeof ABOUT) => under(x, band.low - ABOUT[of].value);

/** Hours of a day over a band and under it, by more than anybody can tell. */
export const outOf = (day: readonly number[], band: Band, of: keyof typeof ABOUT) => ({
  above: hoursOf(day, (x) => isOver(x, band, of)),
  below: hoursOf(day, (x) => isUnder(x, band, of)),
});

/** Hours of a day in which warmth and air are what everyone lives in, as near as anybody can tell; null where nobody has said either. */
export function hoursInBand(residents: readonly Resident[], day: DayEnd): number | null {
  const bands = { tempC: sharedBand(residents, "tempC"), rh: sharedBand(residents, "rh") };
  if (!bands.tempC && !bands.rh) return null;
  const isWithin = (of: keyof typeof ABOUT, hour: number) => {
    const [x, band] = [day[of][hour]!, bands[of]];
    return !band || !(isOver(x, band, of) || isUnder(x, band, of));
  };
  return day.tempC.filter((_, hour) => isWithin("tempC", hour) && isWithin("rh", hour)).length;
}
