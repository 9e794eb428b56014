import type { Service } from "./schema";

/** What stands in water and never runs dry, of all that must be reached. */
export const RUNS_IN_WATER: Record<Service["kind"], boolean> = {
  ...{ pump: true, filter: false, nozzle: false, drain: false, mat: false, lamp: false, dish: false },
};
