import type { Resident } from "./schema";

/** Who chews soft seals: roaches and other flatteners, and those said to. */
export const chewers = (residents: readonly Resident[]): string[] =>
  residents.filter((r) => r.traits.chews || r.body === "flattener").map((r) => r.name);
