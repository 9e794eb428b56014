import * as v from "valibot";
import { bounded } from "../design/bounded";

const id = v.pipe(v.string("Each opening needs an id."), v.nonEmpty("An id must not be empty."), v.maxLength(200));
const clock = (what: string) =>
  v.pipe(v.string(), v.regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, `${what} must be a time such as 08:30.`));
/** From when to when, past midnight where the end is before the beginning; no two of them at once. */
const on = v.pipe(
  v.array(v.tuple([clock("on"), clock("on")])),
  v.maxLength(200),
  v.check(
    (spans) => spans.every(([from, to]) => from !== to),
    "A span that ends as it begins is never on; for all day type 00:00 to 24:00.",
  ),
  v.check((spans) => !overlap(spans), "Hours overlap: two spans of one thing are on at the same time."),
);

/** Minutes after midnight of a clock's time. */
export const minuteOf = (text: string): number => Number(text.slice(0, 2)) * 60 + Number(text.slice(3));

/** Whether a minute of the day lies in a span. */
export const isIn = (minute: number, [from, to]: readonly [string, string]): boolean => {
  const [a, b] = [minuteOf(from), minuteOf(to)];
  return a <= b ? minute >= a && minute < b : minute >= a || minute < b;
};

function overlap(spans: readonly (readonly [string, string])[]): boolean {
  const taken = new Uint8Array(24 * 60);
  for (const span of spans) for (let m = 0; m < taken.length; m++) if (isIn(m, span) && ++taken[m]! > 1) return true;
  return false;
}

const mesh = v.object({
  apertureMm: v.tuple([bounded("apertureMm[0]", 0.01, 100, " mm"), bounded("apertureMm[1]", 0.01, 100, " mm")]),
  wireMm: bounded("wireMm", 0.01, 20, " mm"),
  layers: v.optional(v.pipe(bounded("layers", 1, 4), v.integer("layers must be whole.")), 1),
});

const room = v.object({
  tempC: bounded("room.tempC", -20, 50, " °C"),
  rh: bounded("room.rh", 0, 100, " %"),
  draughtMPerS: bounded("room.draughtMPerS", 0, 2, " m/s"),
});

const perHour = (what: string) => bounded(what, 0, 1000, " m³/h");

/** Input of `hornwort climate`: a shell, what is round it, and what goes on in it day by day. */
export const ClimateSchema = v.pipe(
  v.object({
    insideMm: v.object({
      width: bounded("insideMm.width", 20, 20_000, " mm"),
      depth: bounded("insideMm.depth", 20, 20_000, " mm"),
      height: bounded("insideMm.height", 20, 20_000, " mm"),
    }),
    walls: v.pipe(
      v.array(
        v.object({
          face: v.pipe(v.string(), v.nonEmpty("Each wall needs its face."), v.maxLength(100)),
          areaM2: bounded("areaM2", 0, 100, " m²"),
          uWPerM2K: bounded("uWPerM2K", 0, 50),
          rSiM2KPerW: bounded("rSiM2KPerW", 0, 2),
        }),
      ),
      v.maxLength(40),
    ),
    openings: v.pipe(
      v.array(
        v.object({
          ...{ id, face: v.string() },
          orientation: v.picklist(["vertical", "horizontal"], "orientation must be vertical or horizontal."),
          widthMm: bounded("widthMm", 0.1, 20_000, " mm"),
          heightMm: bounded("heightMm", 0.1, 20_000, " mm"),
          centreHeightMm: bounded("centreHeightMm", 0, 20_000, " mm"),
          count: v.optional(v.pipe(bounded("count", 1, 20_000), v.integer("count must be whole.")), 1),
          /** One, or several one behind another. */
          mesh: v.optional(v.union([mesh, v.pipe(v.array(mesh), v.maxLength(6))])),
        }),
      ),
      v.maxLength(400),
    ),
    fans: v.optional(
      v.pipe(
        v.array(
          v.object({
            kind: v.picklist(
              ["supply", "extract", "balanced", "stir"],
              "A fan's kind must be supply, extract, balanced or stir.",
            ),
            m3PerHour: perHour("m3PerHour"),
            on,
          }),
        ),
        v.maxLength(40),
      ),
      [],
    ),
    /** As it always is, or hour by hour of the day. */
    room: v.union(
      [room, v.pipe(v.array(room), v.length(24, "room must be one, or 24 hourly values."))],
      "room needs tempC, rh and draughtMPerS, or 24 of them.",
    ),
    heat: v.optional(
      v.pipe(
        v.array(
          v.object({
            watts: bounded("watts", 0, 5000, " W"),
            on,
            thermostatC: v.optional(v.nullable(bounded("thermostatC", -20, 90, " °C")), null),
            /** The share that goes to the air; the rest to ground, background and wood. */
            toAir: v.optional(bounded("toAir", 0, 1), 0.5),
          }),
        ),
        v.maxLength(60),
      ),
      [],
    ),
    misting: v.optional(
      v.pipe(v.array(v.object({ at: clock("at"), ml: bounded("ml", 0, 100_000, " mL") })), v.maxLength(200)),
      [],
    ),
    wet: v.object({
      areaM2: bounded("wet.areaM2", 0, 100, " m²"),
      activity: bounded("wet.activity", 0, 1),
      storeMl: bounded("wet.storeMl", 0, 1e7, " mL"),
      capacityMl: bounded("wet.capacityMl", 0, 1e7, " mL"),
    }),
    drain: v.optional(
      v.object({
        startMl: bounded("drain.startMl", 0, 1e7, " mL"),
        capacityMl: bounded("drain.capacityMl", 0, 1e7, " mL"),
      }),
      { startMl: 0, capacityMl: 0 },
    ),
    thermalMassJPerK: bounded("thermalMassJPerK", 0, 1e9),
    massCouplingWPerK: bounded("massCouplingWPerK", 1e-3, 1e5),
    hcWPerM2K: bounded("hcWPerM2K", 0.1, 100),
    start: v.object({ tempC: bounded("start.tempC", -20, 60, " °C"), rh: bounded("start.rh", 0, 100, " %") }),
    days: v.pipe(bounded("days", 1, 400), v.integer("days must be whole.")),
    stepS: v.optional(
      v.pipe(
        bounded("stepS", 1, 3600, " s"),
        v.check((s) => 3600 % s === 0, "stepS must divide an hour: 60, 30, 20 and the like."),
      ),
      60,
    ),
  }),
  v.check(
    ({ wet }) => wet.storeMl <= wet.capacityMl,
    "wet.storeMl is more than wet.capacityMl: a store holds no more than it can.",
  ),
);

export type ClimateInput = v.InferOutput<typeof ClimateSchema>;
export type ClimateOpening = ClimateInput["openings"][number];
export type RoomAir = v.InferOutput<typeof room>;

/** Hourly means over the run. */
export interface Hourly {
  tempC: number[];
  rh: number[];
  dewPointC: number[];
  vapourGPerM3: number[];
  airChangesPerHour: number[];
  evaporationMlPerH: number[];
  condensationMlPerH: number[];
  storeMl: number[];
  drainLayerMl: number[];
}

export interface Spread {
  min: number;
  mean: number;
  max: number;
}

export interface Climate {
  hourly: Hourly;
  /** Hours a day, mean of the run, in which a wall is wet with condensation. */
  fogging: { face: string; hoursADay: number }[];
  summary: {
    /** Of the hourly means of the last day. */
    tempC: Spread;
    rh: Spread;
    litresPerDay: { misted: number; toAir: number; toDrain: number };
    /** Days since the start; null where it does not fill. */
    drainLayerFullDay: number | null;
    /** Greatest hourly mean of the air should every thermostat stay on. */
    stuckOnTempC: number;
  };
  /** Stored less what came in and went out, of all that moved. */
  balance: { water: number; heat: number };
}
