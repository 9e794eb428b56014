import { probit } from "simple-statistics";
import type { ClimateInput } from "../core/climate/format";
import { type Once, run } from "../core/climate/run";
import type { FitGiven } from "../core/gauge/fit";
import { INSTRUMENT_UNKNOWNS, instrumentAt } from "../core/gauge/instrument";
import { uniforms } from "../core/sure/latin";
import { turnedTo, unknownsOf } from "../core/sure/turn";
import { anyRoom, CHEAP, readBy, TRUTH_STEP_S } from "../standins/airGauge";

/** Hours of a week. */
export const WEEK_H = 168;

/** A shell of any kind that people build, as the climate takes it. */
function anyShell(random: () => number): ClimateInput {
  const between = (low: number, high: number) => low + (high - low) * random();
  const whole = (low: number, high: number) => Math.floor(between(low, high + 1));
  const [width, depth, height] = [between(300, 1200), between(300, 600), between(300, 1000)];
  const m2 = (a: number, b: number) => (a * b) / 1e6;
  const u = between(2, 5.5);
  const wall = (face: string, areaM2: number) => ({ face, areaM2, uWPerM2K: u, rSiM2KPerW: 0.13 });
  const wire = between(0.2, 0.5);
  const mesh = { apertureMm: [between(0.8, 3), between(0.8, 3)] as [number, number], wireMm: wire, layers: 1 };
  const low = {
    id: "low",
    face: "left",
    orientation: "vertical" as const,
    widthMm: between(80, depth * 0.8),
    heightMm: between(10, 60),
  };
  const topMm = between(0.2, 0.9);
  const hour = (h: number) => `${String(Math.floor(h) % 24).padStart(2, "0")}:00`;
  const on = whole(6, 10);
  const lamp = {
    watts: between(10, 60),
    on: [[hour(on), hour(on + whole(8, 13))]] as [string, string][],
    thermostatC: null,
    toAir: between(0.4, 0.7),
  };
  const mat = {
    watts: between(5, 25),
    on: [["00:00", "24:00"]] as [string, string][],
    thermostatC: between(22, 28),
    toAir: 0.3,
  };
  const floor = m2(width, depth);
  const capacityMl = floor * 1e6 * between(0.01, 0.03);
  const times = whole(1, 4);
  return {
    insideMm: { width, depth, height },
    walls: [
      ...[wall("front", m2(width, height)), wall("back", m2(width, height))],
      ...[wall("left", m2(depth, height)), wall("right", m2(depth, height)), wall("top", floor), wall("base", floor)],
    ],
    openings: [
      { ...low, centreHeightMm: between(60, 150), count: 1, mesh },
      random() < 0.6
        ? {
            id: "top",
            face: "top",
            orientation: "horizontal",
            widthMm: width * topMm,
            heightMm: depth * between(0.2, 0.8),
            centreHeightMm: height,
            count: 1,
            mesh,
          }
        : { ...low, id: "high", face: "right", centreHeightMm: height - 80, count: 1, mesh },
    ],
    fans: [],
    room: { tempC: 20, rh: 50, draughtMPerS: 0.1 },
    heat: [...(random() < 0.8 ? [lamp] : []), ...(random() < 0.4 ? [mat] : [])],
    misting: Array.from({ length: times }, (_, i) => ({ at: hour(8 + 4 * i), ml: floor * between(100, 400) })),
    wet: { areaM2: floor, activity: 1, storeMl: capacityMl * between(0.3, 1), capacityMl },
    drain: { startMl: 0, capacityMl: capacityMl * 2 },
    ...{ thermalMassJPerK: floor * between(5e4, 2e5), massCouplingWPerK: 8 * floor * between(1, 3), hcWPerM2K: 3.5 },
    ...{ start: { tempC: 20, rh: 50 }, days: 1, stepS: 300 },
  };
}

/** What happens once in two weeks: a door stands open, or the sun comes in. */
function anyOnce(random: () => number, lead: number): Once {
  const fromHour = lead + 24 + Math.floor(random() * (2 * WEEK_H - 48)) + random();
  return random() < 0.5
    ? { fromHour, hours: 0.2 + 0.4 * random(), watts: 0, m3PerHour: 10 + 40 * random() }
    : { fromHour, hours: 1, watts: 15 + 45 * random(), m3PerHour: 0 };
}

/**
 * A shell, a room, a truth and a cheap gauge of its own, two weeks long; the same seed gives the same ones.
 * @returns what a builder has of it: the design, the room of both weeks and the first week's readings; and the truth
 */
export function anyCase(seed: number) {
  const random = uniforms(seed);
  const normal = () => probit(random());
  const input = anyShell(random);
  const between = (low: number, high: number) => low + (high - low) * random();
  const mean = { tempC: between(17, 24), swingK: between(0.5, 3), rh: between(35, 60), draughtMPerS: 0.1 };
  const room = anyRoom(2 * WEEK_H, mean, normal);
  const unknowns = unknownsOf(input, {});
  const z = unknowns.map(() => normal());
  const label = { k: 1, rh: 5 };
  const instrument = instrumentAt(Array.from({ length: INSTRUMENT_UNKNOWNS }, normal), label);
  const LEAD = 24;
  const once = anyOnce(random, LEAD);
  const rooms = [...room.slice(0, LEAD), ...room];
  const first = rooms[0]!;
  const ran = run(
    turnedTo(
      {
        ...input,
        room: rooms,
        days: rooms.length / 24,
        stepS: TRUTH_STEP_S,
        start: { tempC: first.tempC, rh: first.rh },
      },
      unknowns,
      z,
    ),
    false,
    [once],
  );
  const tempC = ran.hourly.tempC.slice(LEAD);
  const rh = ran.hourly.rh.slice(LEAD);
  const week = (list: readonly number[]) => list.slice(0, WEEK_H);
  const read = readBy({ tempC: week(tempC), rh: week(rh) }, instrument, CHEAP, normal);
  const given: FitGiven = { input, unknowns, read, stretch: { firstHour: 0, room: room.slice(0, WEEK_H) }, label };
  return {
    given: { week: given, room },
    truth: { z, instrument, tempC, rh, happened: once.watts > 0 ? "sun" : "door", happenedAt: once.fromHour - LEAD },
  };
}
