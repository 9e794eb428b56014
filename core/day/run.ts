import type { ClimateInput, RoomAir } from "../climate/format";
import { type Ran, run } from "../climate/run";
import type { DayAnswer, DayEnd } from "./answer";
import { type DayAsk, keyOf } from "./ask";
import { least, mean, most } from "./hours";

/** Days after which a day is like the one before, as far as heat goes; what dries out in weeks is the month's. */
const SETTLED_DAYS = 4;
/** How long a power cut is looked at. */
const CUT_DAYS = 2;

const lastDay = (hourly: readonly number[]) => hourly.slice(-24);
const chunks = (hourly: readonly number[]): number[][] =>
  Array.from({ length: Math.floor(hourly.length / 24) }, (_, d) => hourly.slice(24 * d, 24 * d + 24));

const endOf = ({ hourly }: Ran): DayEnd => ({ tempC: lastDay(hourly.tempC), rh: lastDay(hourly.rh) });

/** The last day of the usual room, whole. */
const usualOf = (ran: Ran): DayAnswer["usual"] => ({
  ...endOf(ran),
  airChangesPerHour: lastDay(ran.hourly.airChangesPerHour),
  evaporationMlPerH: lastDay(ran.hourly.evaporationMlPerH),
  condensationMlPerH: lastDay(ran.hourly.condensationMlPerH),
});

/** Each wall's share of each hour of that day with water on it. */
const fogOf = ({ walls }: ClimateInput, { wetLastDay }: Ran): DayAnswer["fog"] =>
  walls.map(({ face }, i) => ({ face, hours: wetLastDay[i]! }));

/** The shell in another room, for as long as it takes to settle there, with as much water in it as is left after the month. */
const inRoom = (input: ClimateInput, room: RoomAir, storeMl: number): ClimateInput => ({
  ...input,
  ...{ room, days: SETTLED_DAYS, start: { tempC: room.tempC, rh: room.rh }, wet: { ...input.wet, storeMl } },
});

/** What happens once the power fails in the evening of the coldest room. */
function cutOf({ input, rooms, leastC }: DayAsk, cold: Ran, storeMl: number): DayAnswer["cut"] {
  const evening = { tempC: cold.hourly.tempC.at(-1)!, rh: Math.min(100, cold.hourly.rh.at(-1)!) };
  const { hourly } = run({
    ...inRoom(input, rooms.cold, storeMl),
    ...{ heat: [], fans: [], misting: [], start: evening, days: CUT_DAYS },
  });
  // One that is too cold already is told as such.
  const falls = leastC !== null && evening.tempC >= leastC;
  const at = falls ? hourly.tempC.findIndex((c) => c < leastC) : -1;
  // By the end of the first hour that is too cold on the whole.
  return { tempC: hourly.tempC, tooColdHours: at < 0 ? null : at + 1 };
}

/**
 * Works out the air of a design: a month in the usual room, a few days at each end of it, and a power cut.
 * @param ask what `askOf` makes of a design
 * @returns plain data, kept by the ask's key
 */
export function runDay(ask: DayAsk): DayAnswer {
  const { input, rooms } = ask;
  const usual = run(input);
  const { hourly } = usual;
  const storeMl = Math.min(input.wet.capacityMl, hourly.storeMl.at(-1)!);
  const end = (room: RoomAir, stuckOn = false) => run(inRoom(input, room, storeMl), stuckOn);
  const cold = end(rooms.cold);
  const stuck = end(rooms.warm, true);
  const byDay = { rh: chunks(hourly.rh), tempC: chunks(hourly.tempC) };
  return {
    key: keyOf(ask),
    usual: usualOf(usual),
    ends: {
      ...{ cold: endOf(cold), warm: endOf(end(rooms.warm)) },
      ...{ dry: endOf(end(rooms.dry)), damp: endOf(end(rooms.damp)) },
    },
    fog: fogOf(input, usual),
    month: {
      tempC: byDay.tempC.map(mean),
      rh: byDay.rh.map(mean),
      rhLow: byDay.rh.map(least),
      rhHigh: byDay.rh.map(most),
      storeMl: chunks(hourly.storeMl).map((d) => d.at(-1)!),
      drainMl: chunks(hourly.drainLayerMl).map((d) => d.at(-1)!),
    },
    litresPerDay: {
      misted: usual.mistedMl / 1000 / input.days,
      toAir: usual.evaporatedMl / 1000 / input.days,
      toDrain: usual.toDrainMl / 1000 / input.days,
    },
    storeEmptyDay: usual.storeEmptyDay,
    drainFullDay: usual.drainFullDay,
    stuckC: most(stuck.hourly.tempC),
    cut: cutOf(ask, cold, storeMl),
  };
}

/** While something is dragged: two days of the usual room by steps of five minutes, the last of them shown. */
const COARSE = { days: 2, stepS: 300 } as const;

/** The usual day alone, coarse, for as long as a design is being dragged. */
export function runCoarse({ input }: DayAsk): DayAnswer["usual"] & Pick<DayAnswer, "fog"> {
  const ran = run({ ...input, ...COARSE });
  return { ...usualOf(ran), fog: fogOf(input, ran) };
}
