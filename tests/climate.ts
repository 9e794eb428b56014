import * as v from "valibot";
import { climate } from "../core/climate/climate";
import { ClimateSchema } from "../core/climate/format";

export type Given = v.InferInput<typeof ClimateSchema>;
export const shell: Given = {
  insideMm: { width: 800, depth: 450, height: 600 },
  walls: [
    { face: "sides", areaM2: 1.5, uWPerM2K: 4, rSiM2KPerW: 0.13 },
    { face: "front", areaM2: 0.48, uWPerM2K: 5.6, rSiM2KPerW: 0.13 },
  ],
  openings: [],
  room: { tempC: 20, rh: 45, draughtMPerS: 0 },
  wet: { areaM2: 0, activity: 1, storeMl: 0, capacityMl: 5000 },
  thermalMassJPerK: 30_000,
  massCouplingWPerK: 8,
  hcWPerM2K: 3.5,
  start: { tempC: 20, rh: 45 },
  days: 1,
};
export const slot = (
  centreHeightMm: number,
  own: Partial<Given["openings"][number]> = {},
): Given["openings"][number] => ({
  ...{ id: `at-${centreHeightMm}`, face: "left", orientation: "vertical", widthMm: 200, heightMm: 20, centreHeightMm },
  ...own,
});
export const ran = (own: Partial<Given>) => climate(v.parse(ClimateSchema, { ...shell, ...own }));
export const last = (list: readonly number[]) => list.at(-1)!;
export const always: [string, string][] = [["00:00", "24:00"]];
