import { type Known, memory, published } from "../figures/figure";
import { dayOf } from "./day";
import { exchangeTable } from "./exchange";
import type { ClimateInput, Hourly } from "./format";
import { densityKgPerM3, dewPointC, quickSaturation, vapourKgPerM3 } from "./moist";
import { openingOf } from "./opening";

/** Heat of dry air, J/(kg·K), and of evaporation near 25 °C, J/kg. */
const AIR: Known = { value: 1006, basis: published("ashrae-fundamentals") };
const LATENT: Known = { value: 2.45e6, basis: published("ashrae-fundamentals") };
const [AIR_J_PER_KG_K, LATENT_J_PER_KG] = [AIR.value, LATENT.value];
/** Lewis number of vapour in air. */
const LEWIS: Known = { value: 0.87, basis: published("incropera") };
/** A thermostat switches so far from what it is set to, K. From memory. */
const BAND_K: Known = { value: 0.5, basis: memory };
/** Rounds in which a step's heat and water agree with one another; what is left is carried by neither. */
const ROUNDS = 12;
const AGREED_K = 1e-5;

/** Means of a run by the hour, what of walls was wet, and what moved. */
export interface Ran {
  hourly: Hourly;
  /** Hours each wall was wet, in the order of the walls. */
  wetHours: number[];
  mistedMl: number;
  evaporatedMl: number;
  toDrainMl: number;
  drainFullDay: number | null;
  balance: { water: number; heat: number };
}

const LISTS = [
  ...(["tempC", "rh", "dewPointC", "vapourGPerM3", "airChangesPerHour"] as const),
  ...(["evaporationMlPerH", "condensationMlPerH", "storeMl", "drainLayerMl"] as const),
] as const satisfies readonly (keyof Hourly)[];

/**
 * Runs a shell's air step by step: air stepped implicitly with the mass it hangs on, water with the heat it takes.
 * @param stuckOn every thermostat calls for heat all the time its clock lets it
 */
export function run(input: ClimateInput, stuckOn = false): Ran {
  const { walls, heat, wet, drain, start, days, stepS, thermalMassJPerK, massCouplingWPerK, hcWPerM2K } = input;
  const { width, depth, height } = input.insideMm;
  const volumeM3 = (width * depth * height) / 1e9;
  const day = dayOf(input);
  const openings = input.openings.map(openingOf);
  const rooms = day.rooms.map((r) => {
    const vapour = vapourKgPerM3(r.tempC, r.rh);
    return { ...r, vapour, density: densityKgPerM3(r.tempC, vapour) };
  });
  const tables = rooms.map((r) => day.fans.map((f) => exchangeTable(openings, r.density, r.draughtMPerS, f)));

  // The air's own density, for what it holds and carries: one for the whole run, so that nothing is made or lost by it.
  const density = rooms[0]!.density;
  const filmMPerS = hcWPerM2K / (density * AIR_J_PER_KG_K * LEWIS.value ** (2 / 3));
  const wetMPerS = filmMPerS * wet.areaM2;
  const uaWPerK = walls.reduce((sum, w) => sum + w.areaM2 * w.uWPerM2K, 0);
  const airWPerK = (density * AIR_J_PER_KG_K * volumeM3) / stepS;
  const massWPerK = thermalMassJPerK / stepS;
  const heldM3PerS = volumeM3 / stepS;

  let airC = start.tempC;
  let massC = start.tempC;
  let vapour = vapourKgPerM3(start.tempC, start.rh);
  let storeKg = wet.storeMl / 1000;
  let drainKg = drain.startMl / 1000;
  const capacityKg = wet.capacityMl / 1000;
  const calls = heat.map(({ thermostatC }) => thermostatC === null || start.tempC < thermostatC);

  const began = {
    heat: airWPerK * stepS * airC + thermalMassJPerK * massC,
    water: vapour * volumeM3 + storeKg + drainKg,
  };
  const moved = { heatIn: 0, heatAll: 0, waterIn: 0, waterAll: 0 };
  const wetSteps = walls.map(() => 0);
  const filmOfM3PerS = Float64Array.from(walls, (w) => filmMPerS * w.areaM2);
  const dropShare = Float64Array.from(walls, (w) => w.uWPerM2K * w.rSiM2KPerW);
  const surfaceKgPerM3 = new Float64Array(walls.length);
  const condensing = new Uint8Array(walls.length);
  const hourly = Object.fromEntries(LISTS.map((k) => [k, [] as number[]])) as unknown as Hourly;
  const sums = new Float64Array(LISTS.length);
  const stepsAnHour = 3600 / stepS;
  let [mistedKg, evaporatedKg, toDrainKg] = [0, 0, 0];
  let drainFullDay: number | null = drain.capacityMl > 0 && drainKg * 1000 >= drain.capacityMl ? 0 : null;

  for (let n = 0; n < days * day.steps; n++) {
    const at = n % day.steps;
    const roomAt = day.room[at]!;
    const room = rooms[roomAt]!;
    let [toAirW, toMassW] = [0, 0];
    for (let i = 0; i < heat.length; i++) {
      const { watts, thermostatC, toAir } = heat[i]!;
      if (thermostatC !== null)
        calls[i] =
          stuckOn || (airC < thermostatC - BAND_K.value ? true : airC > thermostatC + BAND_K.value ? false : calls[i]!);
      if (!calls[i] || day.heat[i]![at] === 0) continue;
      toAirW += watts * toAir;
      toMassW += watts * (1 - toAir);
    }
    const mistKg = day.mistMl[at]! / 1000;
    if (mistKg > 0) {
      mistedKg += mistKg;
      storeKg += mistKg;
    }
    const flow = tables[roomAt]![day.fan[at]!]!(densityKgPerM3(airC, vapour));
    const carried = flow * density * AIR_J_PER_KG_K;

    // Heat and water of the end of the step, each by the other's, until both agree.
    let [air, mass, damp] = [airC, massC, vapour];
    let [evaporates, condenses] = [0, 0];
    const [airKnown, massKnown] = [
      airWPerK * airC + toAirW + (uaWPerK + carried) * room.tempC,
      massWPerK * massC + toMassW,
    ];
    const airOwn = airWPerK + uaWPerK + massCouplingWPerK + carried;
    for (let round = 0; round < ROUNDS; round++) {
      const wetSat = wet.activity * quickSaturation(mass);
      let top = heldM3PerS * vapour + flow * room.vapour;
      let foot = heldM3PerS + flow;
      for (let i = 0; i < walls.length; i++) {
        surfaceKgPerM3[i] = quickSaturation(air - dropShare[i]! * (air - room.tempC));
        condensing[i] = damp > surfaceKgPerM3[i]! ? 1 : 0;
        if (condensing[i] === 0) continue;
        top += filmOfM3PerS[i]! * surfaceKgPerM3[i]!;
        foot += filmOfM3PerS[i]!;
      }
      damp = (top + wetMPerS * wetSat) / (foot + wetMPerS);
      evaporates = wetMPerS * (wetSat - damp);
      if (evaporates * stepS > storeKg) {
        evaporates = storeKg / stepS;
        damp = (top + evaporates) / foot;
      }
      condenses = 0;
      for (let i = 0; i < walls.length; i++)
        if (condensing[i] === 1) condenses += filmOfM3PerS[i]! * (damp - surfaceKgPerM3[i]!);
      // The mass's own loss is taken along the line of its saturation, so that a light one does not swing.
      const slope =
        round === 0
          ? 0
          : LATENT_J_PER_KG * wetMPerS * wet.activity * 20 * (quickSaturation(mass + 0.05) - quickSaturation(mass));
      const settled = storeKg > evaporates * stepS ? slope : 0;
      const massOwn = massWPerK + massCouplingWPerK + settled;
      const airTop = airKnown + LATENT_J_PER_KG * condenses;
      const massTop = massKnown - LATENT_J_PER_KG * evaporates + settled * mass;
      const nextMass = (massTop * airOwn + massCouplingWPerK * airTop) / (massOwn * airOwn - massCouplingWPerK ** 2);
      const nextAir = (airTop + massCouplingWPerK * nextMass) / airOwn;
      const change = Math.abs(nextMass - mass) + Math.abs(nextAir - air);
      [mass, air] = [nextMass, nextAir];
      if (change < AGREED_K) break;
    }
    // The last word is the heat's, by the very water that moved: the balances close whatever the rounds left.
    const airTop = airKnown + LATENT_J_PER_KG * condenses;
    const massTop = massKnown - LATENT_J_PER_KG * evaporates;
    const massOwn = massWPerK + massCouplingWPerK;
    massC = (massTop * airOwn + massCouplingWPerK * airTop) / (massOwn * airOwn - massCouplingWPerK ** 2);
    airC = (airTop + massCouplingWPerK * massC) / airOwn;
    vapour = damp;
    storeKg = Math.max(0, storeKg - evaporates * stepS);
    drainKg += condenses * stepS;
    if (storeKg > capacityKg) {
      toDrainKg += storeKg - capacityKg;
      drainKg += storeKg - capacityKg;
      storeKg = capacityKg;
    }
    evaporatedKg += evaporates * stepS;
    toDrainKg += condenses * stepS;
    for (let i = 0; i < walls.length; i++) if (condensing[i] === 1 && damp > surfaceKgPerM3[i]!) wetSteps[i]!++;
    const lostW = (uaWPerK + carried) * (airC - room.tempC);
    const inW = toAirW + toMassW + LATENT_J_PER_KG * (condenses - evaporates);
    moved.heatIn += (inW - lostW) * stepS;
    moved.heatAll +=
      (toAirW + toMassW + LATENT_J_PER_KG * (condenses + Math.abs(evaporates)) + Math.abs(lostW)) * stepS;
    moved.waterIn += mistKg + flow * (room.vapour - vapour) * stepS;
    moved.waterAll += mistKg + flow * (room.vapour + vapour) * stepS + Math.abs(evaporates) * stepS;
    if (drainFullDay === null && drain.capacityMl > 0 && drainKg * 1000 >= drain.capacityMl)
      drainFullDay = (n + 1) / day.steps;

    sums[0]! += airC;
    sums[1]! += (100 * vapour) / quickSaturation(airC);
    sums[3]! += vapour * 1000;
    sums[4]! += (flow * 3600) / volumeM3;
    sums[5]! += evaporates * 3.6e6;
    sums[6]! += condenses * 3.6e6;
    sums[7]! += storeKg * 1000;
    sums[8]! += drainKg * 1000;
    if ((n + 1) % stepsAnHour !== 0) continue;
    sums[2] = dewPointC(sums[0]! / stepsAnHour, sums[3]! / 1000 / stepsAnHour) * stepsAnHour;
    for (const [i, key] of LISTS.entries()) hourly[key].push(sums[i]! / stepsAnHour);
    sums.fill(0);
  }
  const ended = {
    heat: airWPerK * stepS * airC + thermalMassJPerK * massC,
    water: vapour * volumeM3 + storeKg + drainKg,
  };
  const closes = (left: number, of: number) => Math.abs(left) / Math.max(of, 1e-12);
  return {
    hourly,
    wetHours: wetSteps.map((steps) => steps / stepsAnHour),
    ...{ mistedMl: mistedKg * 1000, evaporatedMl: evaporatedKg * 1000, toDrainMl: toDrainKg * 1000, drainFullDay },
    balance: {
      water: closes(ended.water - began.water - moved.waterIn, moved.waterAll + began.water),
      heat: closes(ended.heat - began.heat - moved.heatIn, moved.heatAll + airWPerK * stepS + thermalMassJPerK),
    },
  };
}
