import { type Known, memory } from "../figures/figure";
import { dayOf, roomAt } from "./day";
import { exchangeTable } from "./exchange";
import type { ClimateInput, Hourly } from "./format";
import { hourlyMeans } from "./hourly";
import { densityKgPerM3, quickSaturation, vapourKgPerM3 } from "./moist";
import { openingOf } from "./opening";
import { type AirState, coefficientsOf, type StepGiven, stepAir } from "./step";

/** A thermostat switches so far from what it is set to, K. From memory. */
const BAND_K: Known = { value: 0.5, basis: memory };
/** What moves less than this in a whole run closes by itself: a joule, a milligram. */
const LEAST_MOVED = { joules: 1, kg: 1e-6 };

/** Means of a run by the hour, what of walls was wet, and what moved. */
export interface Ran {
  hourly: Hourly;
  /** Hours each wall was wet, in the order of the walls. */
  wetHours: number[];
  mistedMl: number;
  evaporatedMl: number;
  toDrainMl: number;
  drainFullDay: number | null;
  /** When the store was first empty, days since the start; null where it never was, or there is none. */
  storeEmptyDay: number | null;
  /** Of the last day each wall's share of each hour with water on it, in the order of the walls. */
  wetLastDay: number[][];
  balance: { water: number; heat: number };
}

/** Something that happens once, and no plan has it: a door left open, an hour of sun. */
export interface Once {
  /** Hours since the start of the run. */
  fromHour: number;
  hours: number;
  watts: number;
  /** Air exchanged with the room beside all else, m³/h. */
  m3PerHour: number;
}

interface RoomBefore {
  density: number;
  draughtMPerS: number;
}
/** Rooms whose densities differ by less share a table, kg/m³: the flow goes by the difference to the inside, hardly by either. */
const ALIKE = 0.002;

/**
 * The exchange in each of many rooms, like rooms sharing one table.
 * @returns `shift` is added to the inside's density before it is looked up, kg/m³
 */
function tablesOf<R extends RoomBefore, T>(rooms: readonly R[], make: (room: R) => T): { byFans: T; shift: number }[] {
  const made = new Map<string, { byFans: T; density: number }>();
  return rooms.map((room) => {
    const key = `${Math.round(room.density / ALIKE)} ${room.draughtMPerS}`;
    const own = made.get(key) ?? { byFans: make(room), density: room.density };
    made.set(key, own);
    return { byFans: own.byFans, shift: own.density - room.density };
  });
}

/**
 * Runs a shell's air step by step.
 * @param stuckOn every thermostat calls for heat all the time its clock lets it
 * @param once what happens beside it
 */
export function run(input: ClimateInput, stuckOn = false, once: readonly Once[] = []): Ran {
  const { walls, heat, wet, drain, start, days, stepS, thermalMassJPerK } = input;
  const day = dayOf(input);
  const openings = input.openings.map(openingOf);
  const rooms = day.rooms.map((r) => {
    const vapour = vapourKgPerM3(r.tempC, r.rh);
    return { ...r, vapour, density: densityKgPerM3(r.tempC, vapour) };
  });
  const tables = tablesOf(rooms, (r) => day.fans.map((f) => exchangeTable(openings, r.density, r.draughtMPerS, f)));
  const c = coefficientsOf(input, rooms[0]!.density);
  const { volumeM3 } = c;

  const state: AirState = {
    airC: start.tempC,
    massC: start.tempC,
    vapour: vapourKgPerM3(start.tempC, start.rh),
    evaporates: 0,
    condenses: 0,
    wetWalls: new Uint8Array(walls.length),
    saturated: new Float64Array(walls.length),
  };
  let storeKg = wet.storeMl / 1000;
  let drainKg = drain.startMl / 1000;
  const heldJ = () => c.carriesJPerM3K * volumeM3 * state.airC + thermalMassJPerK * state.massC;
  const heldKg = () => state.vapour * volumeM3 + storeKg + drainKg;
  const isFull = () => drain.capacityMl > 0 && drainKg * 1000 >= drain.capacityMl;
  const [beganJ, beganKg] = [heldJ(), heldKg()];
  // Each a number of its own: they are summed for every minute of a month.
  let [cameJ, passedJ, cameKg, passedKg] = [0, 0, 0, 0];
  let [mistedKg, evaporatedKg, toDrainKg] = [0, 0, 0];
  const calls = heat.map(({ thermostatC }) => thermostatC === null || start.tempC < thermostatC);
  const wetSteps = walls.map(() => 0);
  const means = hourlyMeans(3600 / stepS);
  let drainFullDay: number | null = isFull() ? 0 : null;
  let storeEmptyDay: number | null = null;
  let hadWater = wet.storeMl > 0;
  const lastDay = (days - 1) * day.steps;
  const wetLastDay = walls.map(() => Array.from({ length: 24 }, () => 0));

  for (let n = 0; n < days * day.steps; n++) {
    const at = n % day.steps;
    const inRoom = roomAt(rooms.length, n, stepS);
    const room = rooms[inRoom]!;
    let toAirW = 0;
    let toMassW = 0;
    for (let i = 0; i < heat.length; i++) {
      const { watts, thermostatC, toAir } = heat[i]!;
      if (thermostatC !== null) {
        if (stuckOn || state.airC < thermostatC - BAND_K.value) calls[i] = true;
        else if (state.airC > thermostatC + BAND_K.value) calls[i] = false;
      }
      if (!calls[i] || day.heat[i]![at] === 0) continue;
      toAirW += watts * toAir;
      toMassW += watts * (1 - toAir);
    }
    const mistKg = day.mistMl[at]! / 1000;
    mistedKg += mistKg;
    storeKg += mistKg;
    const { byFans, shift } = tables[inRoom]!;
    let flowM3PerS = byFans[day.fan[at]!]!(densityKgPerM3(state.airC, state.vapour) + shift);
    for (const o of once) {
      const since = (n * stepS) / 3600 - o.fromHour;
      if (since < 0 || since >= o.hours) continue;
      toAirW += o.watts / 2;
      toMassW += o.watts / 2;
      flowM3PerS += o.m3PerHour / 3600;
    }
    // Written out: this is done for every minute of a month.
    const given: StepGiven = {
      roomC: room.tempC,
      roomVapour: room.vapour,
      flowM3PerS,
      toAirW,
      toMassW,
      mostKgPerS: storeKg / stepS,
    };
    stepAir(c, state, given);

    const { airC, vapour, evaporates, condenses } = state;
    storeKg = Math.max(0, storeKg - evaporates * stepS);
    const overKg = Math.max(0, storeKg - wet.capacityMl / 1000);
    storeKg -= overKg;
    drainKg += overKg + condenses * stepS;
    if (drainFullDay === null && isFull()) drainFullDay = (n + 1) / day.steps;
    if (storeKg > 0) hadWater = true;
    if (storeEmptyDay === null && hadWater && storeKg <= 0) storeEmptyDay = (n + 1) / day.steps;
    evaporatedKg += evaporates * stepS;
    toDrainKg += overKg + condenses * stepS;
    for (let i = 0; i < walls.length; i++) wetSteps[i]! += state.wetWalls[i]!;
    if (n >= lastDay) {
      const hour = Math.floor((at * stepS) / 3600);
      for (let i = 0; i < walls.length; i++) wetLastDay[i]![hour]! += (state.wetWalls[i]! * stepS) / 3600;
    }

    const lostW = (c.uaWPerK + flowM3PerS * c.carriesJPerM3K) * (airC - room.tempC);
    const latentW = c.latentJPerKg * (condenses - evaporates);
    cameJ += (toAirW + toMassW + latentW - lostW) * stepS;
    passedJ += (toAirW + toMassW + Math.abs(latentW) + Math.abs(lostW)) * stepS;
    cameKg += mistKg + flowM3PerS * (room.vapour - vapour) * stepS;
    passedKg += mistKg + (flowM3PerS * (room.vapour + vapour) + Math.abs(evaporates) + Math.abs(condenses)) * stepS;
    means.tell({
      tempC: airC,
      rh: (100 * vapour) / quickSaturation(airC),
      vapourGPerM3: vapour * 1000,
      airChangesPerHour: (flowM3PerS * 3600) / volumeM3,
      evaporationMlPerH: evaporates * 3.6e6,
      condensationMlPerH: condenses * 3.6e6,
      storeMl: storeKg * 1000,
      drainLayerMl: drainKg * 1000,
    });
  }
  const closes = (left: number, passed: number, least: number) => Math.abs(left) / Math.max(passed, least);
  return {
    hourly: means.hourly,
    wetHours: wetSteps.map((steps) => (steps * stepS) / 3600),
    ...{ mistedMl: mistedKg * 1000, evaporatedMl: evaporatedKg * 1000, toDrainMl: toDrainKg * 1000 },
    ...{ drainFullDay, storeEmptyDay, wetLastDay },
    balance: {
      water: closes(heldKg() - beganKg - cameKg, passedKg, LEAST_MOVED.kg),
      heat: closes(heldJ() - beganJ - cameJ, passedJ, LEAST_MOVED.joules),
    },
  };
}
