import * as v from "valibot";
import { UNKNOWN_NAMES } from "../sure/names";

const number = v.pipe(v.number(), v.finite(), v.minValue(-1e7), v.maxValue(1e7));
const hours = v.pipe(v.array(number), v.length(24, "A day has 24 hours."));
const days = v.pipe(v.array(number), v.maxLength(400));
const nullable = v.nullable(number);

/** An end of the room: what the air in the shell is by the hour. */
const EndSchema = v.object({ tempC: hours, rh: hours });

const share = v.pipe(v.number(), v.minValue(0), v.maxValue(1));
const band = v.object({ low: hours, high: hours });
/** As many draws as are ever run. */
const MOST_RUNS = 1000;

/** How sure the last day of the month is: the same shell with all that is unknown drawn, again and again. */
export const SureSchema = v.object({
  /** So many of so many were run. */
  runs: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MOST_RUNS)),
  of: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MOST_RUNS)),
  /** Between what nine of ten lie, by the hour. */
  tempC: band,
  rh: band,
  /** In what share of them each wall is wet for an hour a day or more. */
  fog: v.pipe(v.array(v.object({ face: v.string(), share })), v.maxLength(40)),
  /** In what share of them the drainage is full within the month, and the substrate dry. */
  drainFull: share,
  runsDry: share,
  /** Of what makes them differ, each unknown's share. */
  matters: v.pipe(
    v.array(v.object({ id: v.picklist(UNKNOWN_NAMES), tempC: share, rh: share })),
    v.maxLength(UNKNOWN_NAMES.length),
  ),
});
export type Sure = v.InferOutput<typeof SureSchema>;

/** What was worked out of a design's air: the last day of a month by the hour, each end of the room, and the month by the day. */
export const DayAnswerSchema = v.object({
  /** Of what it answers (`keyOf`). */
  key: v.pipe(v.string(), v.regex(/^[0-9a-f]{16}$/)),
  usual: v.object({
    ...EndSchema.entries,
    airChangesPerHour: hours,
    evaporationMlPerH: hours,
    condensationMlPerH: hours,
  }),
  ends: v.object({ cold: EndSchema, warm: EndSchema, dry: EndSchema, damp: EndSchema }),
  /** Each wall's share of each hour of that day with water on it. */
  fog: v.pipe(v.array(v.object({ face: v.string(), hours })), v.maxLength(40)),
  month: v.object({ tempC: days, rh: days, rhLow: days, rhHigh: days, storeMl: days, drainMl: days }),
  litresPerDay: v.object({ misted: number, toAir: number, toDrain: number }),
  /** Days since the start; null where it never is. */
  storeEmptyDay: nullable,
  drainFullDay: nullable,
  /** Warmest hour in the warmest room with everything stuck on; coldest in the coldest with all of it on as it should be, °C. */
  stuckC: number,
  /** After the power fails in the coldest room, hour by hour; and when it is too cold for somebody, null where it never is. */
  cut: v.object({ tempC: v.pipe(v.array(number), v.maxLength(200)), tooColdHours: nullable }),
  /** Undefined until that is worked out too. */
  sure: v.optional(SureSchema),
});
export type DayAnswer = v.InferOutput<typeof DayAnswerSchema>;
export type DayEnd = DayAnswer["ends"]["cold"];
