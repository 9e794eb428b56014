import type { Resident } from "../residents/schema";
import type { DayEnd } from "./answer";

/** Everyone's band of something at once: what all of them bear; null where nobody has said, or nothing suits all. */
export function sharedBand(residents: readonly Resident[], of: "tempC" | "rh"): { low: number; high: number } | null {
  const bands = residents.flatMap((r) => r.bands[of] ?? []);
  if (bands.length === 0) return null;
  const low = Math.max(...bands.map((b) => b.low));
  const high = Math.min(...bands.map((b) => b.high));
  return low <= high ? { low, high } : null;
}

/** Hours of a day in which warmth and air are what everyone lives in; null where nobody has said either. */
export function hoursInBand(residents: readonly Resident[], day: DayEnd): number | null {
  const [tempC, rh] = [sharedBand(residents, "tempC"), sharedBand(residents, "rh")];
  if (!tempC && !rh) return null;
  const within = (x: number, band: { low: number; high: number } | null) => !band || (x >= band.low && x <= band.high);
  return day.tempC.filter((t, hour) => within(t, tempC) && within(day.rh[hour]!, rh)).length;
}
