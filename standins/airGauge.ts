import { probit } from "simple-statistics";
import type { ClimateInput, RoomAir } from "../core/climate/format";
import { run } from "../core/climate/run";
import { asTold, type Instrument } from "../core/gauge/instrument";
import { uniforms } from "../core/sure/latin";
import type { UnknownId } from "../core/sure/names";
import { unknownKind } from "../core/sure/unknowns";

/** The truth's own steps, s: finer than what is fitted. */
export const TRUTH_STEP_S = 30;

/** What a cheap gauge does on top of being off, late and drifting. */
interface Cheap {
  /** One standard deviation of an hour's mean. */
  noise: { k: number; rh: number };
  /** Its last digit. */
  digit: { k: number; rh: number };
}
export const CHEAP: Cheap = { noise: { k: 0.05, rh: 0.5 }, digit: { k: 0.1, rh: 1 } };

const cut = (x: number) => Math.round(x * 100) / 100;

/** Hourly means of the truth as a cheap gauge shows them. @param normal numbers of a normal distribution */
export function readBy(
  air: { tempC: readonly number[]; rh: readonly number[] },
  instrument: Instrument,
  { noise, digit }: Cheap,
  normal: () => number,
): { tempC: number[]; rh: number[] } {
  const told = asTold(air, instrument);
  const show = (list: readonly number[], n: number, d: number, most: number) =>
    list.map((x) => cut(Math.round(Math.min(most, Math.max(0, x + n * normal())) / d) * d));
  return { tempC: show(told.tempC, noise.k, digit.k, 60), rh: show(told.rh, noise.rh, digit.rh, 99) };
}

/** What a room is about which its weather goes. */
interface RoomMean extends RoomAir {
  /** Half of what a day swings by, K. */
  swingK: number;
}

/** A room over some hours: a day's swing, weather that goes on from hour to hour. */
export function anyRoom(hours: number, { tempC, rh, draughtMPerS, swingK }: RoomMean, normal: () => number): RoomAir[] {
  let [driftK, driftRh] = [0, 0];
  return Array.from({ length: hours }, (_, h) => {
    driftK = 0.97 * driftK + 0.25 * normal();
    driftRh = 0.98 * driftRh + 0.8 * normal();
    return {
      tempC: tempC + driftK + swingK * Math.sin(((h - 9) / 24) * 2 * Math.PI),
      rh: Math.min(85, Math.max(20, rh + driftRh)),
      draughtMPerS,
    };
  });
}

/** A truth and a gauge of one's choice. */
interface AirSetting {
  days: number;
  seed: number;
  /** So many times what was taken of each. */
  truth: Partial<Record<UnknownId, number>>;
  instrument: Instrument;
}

/** Readings of a design's shell and of its room by the hour, from a midnight on; the same seed gives the same ones. */
export function simulateAir(designed: ClimateInput, { days, seed, truth, instrument }: AirSetting) {
  const random = uniforms(seed);
  const normal = () => probit(random());
  const usual = Array.isArray(designed.room) ? designed.room[0]! : designed.room;
  const room = anyRoom(24 * days, { ...usual, swingK: 1 }, normal);
  const turned = (Object.entries(truth) as [UnknownId, number][]).reduce<ClimateInput>(
    (at, [id, by]) => unknownKind(id).turn(at, by),
    { ...designed, room: [...room.slice(0, 24), ...room], days: days + 1, stepS: TRUTH_STEP_S },
  );
  const { hourly } = run(turned);
  const read = readBy({ tempC: hourly.tempC.slice(24), rh: hourly.rh.slice(24) }, instrument, CHEAP, normal);
  return { ...read, room: { tempC: room.map((r) => cut(r.tempC)), rh: room.map((r) => cut(r.rh)) } };
}
