/**
 * `npm run bench:climate`: a month at one-minute steps beside its budget, with a room that changes by the hour, a heater on
 * a thermostat, which is run once more stuck on, a fan, and mist. Prints, never judges. The median of several runs.
 */
import * as v from "valibot";
import { climate } from "../core/climate/climate";
import { ClimateSchema } from "../core/climate/format";

const RUNS = 15;
const mesh = { apertureMm: [1.13, 1.31], wireMm: 0.28, layers: 2 };
const low = { id: "low", face: "left", orientation: "vertical", widthMm: 200, heightMm: 20, centreHeightMm: 180, mesh };
const top = { id: "top", face: "top", orientation: "horizontal", widthMm: 300, heightMm: 300, centreHeightMm: 728 };
const input = v.parse(ClimateSchema, {
  insideMm: { width: 1088, depth: 528, height: 728 },
  walls: ["back", "front", "left", "right", "top", "base"].map((face) => ({
    ...{ face, areaM2: 0.6, uWPerM2K: 3, rSiM2KPerW: 0.13 },
  })),
  openings: [low, { ...low, id: "high", face: "right", centreHeightMm: 640 }, { ...top, mesh }],
  fans: [{ kind: "extract", m3PerHour: 4, on: [["09:00", "09:20"]] }],
  room: Array.from({ length: 24 }, (_, h) => ({ tempC: 19 + 3 * Math.sin(h / 4), rh: 45, draughtMPerS: 0.05 })),
  heat: [{ watts: 50, on: [["08:00", "20:00"]], thermostatC: 28, toAir: 0.5 }],
  misting: [{ at: "07:00", ml: 120 }],
  wet: { areaM2: 0.5, activity: 1, storeMl: 3000, capacityMl: 5000 },
  drain: { startMl: 0, capacityMl: 12_000 },
  ...{ thermalMassJPerK: 40_000, massCouplingWPerK: 8, hcWPerM2K: 3.5 },
  ...{ start: { tempC: 21, rh: 45 }, days: 30, stepS: 60 },
});
const timesOf = (given: typeof input) =>
  Array.from({ length: RUNS }, () => {
    const before = performance.now();
    climate(given);
    return performance.now() - before;
  }).sort((a, b) => a - b);
const times = timesOf({ ...input, heat: input.heat.map((h) => ({ ...h, thermostatC: null })) });
const twice = timesOf(input);
const ms = (value: number) => `${value.toFixed(0)} ms`;
console.table([
  { what: `a month at one-minute steps, median of ${RUNS}`, budget: "200 ms", here: ms(times[RUNS >> 1]!) },
  { what: "  the slowest of them, compiled as it runs", budget: "", here: ms(times.at(-1)!) },
  { what: "  with a thermostat: the month, and once more stuck on", budget: "", here: ms(twice[RUNS >> 1]!) },
]);
