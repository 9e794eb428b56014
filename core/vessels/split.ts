import type { AnyVessel, Pool, Vessel } from "./schema";

/** Pools, whose water is the shell's own. */
export const poolsOf = (vessels: readonly AnyVessel[]): Pool[] => vessels.filter((x) => x.kind === "pool");
/** What holds water of its own. */
export const vesselsOf = (vessels: readonly AnyVessel[]): Vessel[] => vessels.filter((x) => x.kind !== "pool");
