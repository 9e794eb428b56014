import type { Climate, ClimateInput, Spread } from "./format";
import { run } from "./run";

/** Least, mean and greatest of the last day. */
function spreadOf(hourly: readonly number[]): Spread {
  const last = hourly.slice(-24);
  return { min: Math.min(...last), mean: last.reduce((sum, x) => sum + x, 0) / last.length, max: Math.max(...last) };
}

/**
 * The air in a shell hour by hour: heat, water and one balance of pressure over all openings.
 * @param input as `ClimateSchema` reads it; spans are of the clock, areas in m², lengths in mm, water in mL
 * @returns hourly means, what fogs, where the water goes, and how well heat and water close
 */
export function climate(input: ClimateInput): Climate {
  const ran = run(input);
  const switched = input.heat.some((h) => h.thermostatC !== null);
  const stuck = switched ? run(input, true) : ran;
  return {
    hourly: ran.hourly,
    fogging: input.walls.map(({ face }, i) => ({ face, hoursADay: ran.wetHours[i]! / input.days })),
    summary: {
      tempC: spreadOf(ran.hourly.tempC),
      rh: spreadOf(ran.hourly.rh),
      litresPerDay: {
        misted: ran.mistedMl / 1000 / input.days,
        toAir: ran.evaporatedMl / 1000 / input.days,
        toDrain: ran.toDrainMl / 1000 / input.days,
      },
      drainLayerFullDay: ran.drainFullDay,
      stuckOnTempC: Math.max(...stuck.hourly.tempC),
    },
    balance: ran.balance,
  };
}
