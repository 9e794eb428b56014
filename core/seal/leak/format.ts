import * as v from "valibot";
import { TOLERANCE_MM_PER_DAY } from "./tolerance";

const number = (what: string) => v.pipe(v.number(`${what} must be a number.`), v.finite());
const reading = v.object({
  at: v.pipe(
    v.string("A reading needs its time, `at`."),
    v.isoTimestamp("A reading's `at` must be a time like 2026-05-02T09:00:00Z."),
  ),
  levelMm: number("levelMm"),
});
const readings = v.pipe(v.array(reading), v.maxLength(5000));

/** What `hornwort leak` reads (source: water-test). */
export const LeakInputSchema = v.object({
  waterAreaM2: v.pipe(number("waterAreaM2"), v.minValue(0.0001, "waterAreaM2 must be more than zero.")),
  readings,
  control: v.optional(
    v.nullable(
      v.object({
        readings,
        /** One standard deviation of the share by which the pan's evaporation may differ from the shell's. */
        mismatch: v.optional(v.pipe(number("mismatch"), v.minValue(0), v.maxValue(1)), 0.1),
      }),
    ),
    null,
  ),
  /** Where there is no pan: what the evaporation is estimated from. */
  room: v.optional(
    v.nullable(
      v.object({
        tempC: v.pipe(number("tempC"), v.minValue(0), v.maxValue(60)),
        rh: v.pipe(number("rh"), v.minValue(0, "rh is a percentage."), v.maxValue(100, "rh is a percentage.")),
        waterTempC: v.pipe(number("waterTempC"), v.minValue(0), v.maxValue(60)),
      }),
    ),
    null,
  ),
  readingErrorMm: v.optional(
    v.pipe(number("readingErrorMm"), v.minValue(0.001, "A reading error must be more than zero.")),
    0.3,
  ),
  toleranceMmPerDay: v.optional(v.pipe(number("toleranceMmPerDay"), v.minValue(0)), TOLERANCE_MM_PER_DAY),
  outsidePaper: v.optional(v.picklist(["dry", "wet", "notLooked"]), "notLooked"),
});
export type LeakInput = v.InferOutput<typeof LeakInputSchema>;
export type LeakReading = LeakInput["readings"][number];

/** A figure with its 95 % interval. */
export interface Interval {
  value: number;
  low: number;
  high: number;
}

export interface LeakVerdict {
  verdict: "tight" | "leaks" | "cannotTell";
  shellMmPerDay: Interval;
  /** Null without a pan and without a room to estimate it from. */
  evaporationMmPerDay: Interval | null;
  leakMmPerDay: Interval | null;
  leakMlPerDay: Interval | null;
  /** Hours after the last reading until the numbers would tell; 0 when they do, null when not within 14 days. */
  moreHours: number | null;
  why: string;
}
