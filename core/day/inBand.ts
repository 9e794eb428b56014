import { type Known, memory } from "../figures/figure";
import type { Resident } from "../residents/schema";
import { over, under } from "../units/tolerance";
import type { DayEnd, Sure } from "./answer";
import { hoursOf } from "./hours";

/** Nobody feels, and no gauge shows, less than this: within it a band is kept, % rh and K. From memory. */
export const ABOUT_RH: Known = { value: 1.5, basis: memory };
export const ABOUT_K: Known = { value: 0.5, basis: memory };
const ABOUT = { rh: ABOUT_RH, tempC: ABOUT_K };
type Of = keyof typeof ABOUT;
/** So many hours of a day may lie out of a band before it is told. From memory. */
export const LET_PASS_HOURS: Known = { value: 3, basis: memory };

export interface Band {
  low: number;
  high: number;
}

/** What all residents live in at once; null where nobody has said, or nothing suits all. */
export type SharedBands = Record<Of, Band | null>;

/** Everyone's band of something at once: what all of them bear; null where nobody has said, or nothing suits all. */
export function sharedBand(residents: readonly Resident[], of: Of): Band | null {
  const bands = residents.flatMap((r) => r.bands[of] ?? []);
  if (bands.length === 0) return null;
  const low = Math.max(...bands.map((b) => b.low));
  const high = Math.min(...bands.map((b) => b.high));
  return low <= high ? { low, high } : null;
}

/** Both at once. */
export const sharedBands = (residents: readonly Resident[]): SharedBands => ({
  tempC: sharedBand(residents, "tempC"),
  rh: sharedBand(residents, "rh"),
});

const isOver = (x: number, band: Band, of: Of) => over(x, band.high + ABOUT[of].value);
const isUnder = (x: number, band: Band, of: Of) => under(x, band.low - ABOUT[of].value);

/** Whether something is out of a band, by more than anybody can tell. */
export const isOut = (x: number, band: Band, of: Of): boolean => isOver(x, band, of) || isUnder(x, band, of);

/** Hours of a day over a band and under it, by more than anybody can tell. */
export const outOf = (day: readonly number[], band: Band, of: Of) => ({
  above: hoursOf(day, (x) => isOver(x, band, of)),
  below: hoursOf(day, (x) => isUnder(x, band, of)),
});

/** How far all hours together are out of the bands, each in so many times what anybody can tell; 0 where all are within. */
export const farOut = (day: Pick<DayEnd, Of>, bands: SharedBands): number =>
  (["tempC", "rh"] as const).reduce((sum, of) => {
    const [band, about] = [bands[of], ABOUT[of].value];
    if (!band) return sum;
    return day[of].reduce((s, x) => s + Math.max(0, x - band.high - about, band.low - about - x) / about, sum);
  }, 0);

/** Hours of a day that lie within the bands, of lists that all must. */
function hoursWithin(bands: SharedBands, days: readonly Pick<DayEnd, Of>[]): number | null {
  if (!bands.tempC && !bands.rh) return null;
  const isWithin = (of: Of, hour: number) => {
    const band = bands[of];
    return !band || days.every((day) => !isOut(day[of][hour]!, band, of));
  };
  return days[0]!.tempC.filter((_, hour) => isWithin("tempC", hour) && isWithin("rh", hour)).length;
}

/** Hours of a day in which warmth and air are what everyone lives in, as near as anybody can tell; null where nobody has said either. */
export const hoursInBand = (residents: readonly Resident[], day: DayEnd): number | null =>
  hoursWithin(sharedBands(residents), [day]);

/** Hours of a day in which nine of ten draws of what is unknown keep the air there; null where nobody has said either. */
export const safeHoursInBand = (residents: readonly Resident[], { tempC, rh }: Pick<Sure, Of>): number | null =>
  hoursWithin(sharedBands(residents), [
    { tempC: tempC.low, rh: rh.low },
    { tempC: tempC.high, rh: rh.high },
  ]);
