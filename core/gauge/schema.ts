import * as v from "valibot";
import { LocalTimeSchema } from "../design/basics";
import { UNKNOWN_NAMES } from "../sure/names";

const id = v.pipe(v.string(), v.nonEmpty(), v.maxLength(80));
const over = (low: number, high: number) => v.pipe(v.number(), v.finite(), v.minValue(low), v.maxValue(high));
/** Two months of hours. */
const MOST_HOURS = 62 * 24;
const hours = (low: number, high: number) => v.pipe(v.array(v.nullable(over(low, high))), v.maxLength(MOST_HOURS));
const pair = (high: number) => v.object({ k: over(0, high), rh: over(0, high) });

/** Readings of the air in the shell by the hour, as its gauge told them; and of the room where that was read too. */
const AirReadSchema = v.object({
  kind: v.literal("air-read"),
  /** Where its probe was. */
  place: v.pipe(v.string(), v.nonEmpty(), v.maxLength(80)),
  /** The first hour, on the hour. */
  from: LocalTimeSchema,
  tempC: hours(-20, 70),
  rh: hours(0, 100),
  room: v.nullable(v.object({ tempC: hours(-20, 50), rh: hours(0, 100) })),
  /** How far off its label allows it to be. */
  label: pair(20),
});
export type AirRead = v.InferOutput<typeof AirReadSchema>;

const names = v.picklist(UNKNOWN_NAMES);
const row = v.pipe(v.array(over(-100, 100)), v.maxLength(UNKNOWN_NAMES.length));

/** What was fitted to readings. */
const AirFitSchema = v.object({
  kind: v.literal("air-fit"),
  /** The entry of the readings. */
  read: id,
  unknowns: v.pipe(
    v.array(v.object({ id: names, low: over(-100, 100), high: over(-100, 100), at: over(-10, 10) })),
    v.maxLength(UNKNOWN_NAMES.length),
  ),
  covariance: v.pipe(v.array(row), v.maxLength(UNKNOWN_NAMES.length)),
  /** What of the air the model cannot follow, as a standard deviation. */
  wanders: pair(50),
  instrument: v.object({
    offK: over(-30, 30),
    offRh: over(-90, 90),
    driftRhPerWeek: over(-90, 90),
    lateH: over(0, 24),
  }),
  driftSigmas: over(-1e4, 1e4),
  before: pair(200),
  after: pair(200),
  leftOut: v.pipe(v.array(over(0, MOST_HOURS)), v.maxLength(MOST_HOURS)),
  /** Of the readings so many hours at first were left out: a new shell reads high. */
  firstHours: over(0, MOST_HOURS),
  /** Stopped before it was as good as it gets. */
  stopped: v.boolean(),
});
export type AirFit = v.InferOutput<typeof AirFitSchema>;

export const gaugeEvents = [AirReadSchema, AirFitSchema] as const;
