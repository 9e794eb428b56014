import { type Zone, zonesNamed, zonesOf } from "../dividers/zones";
import { baseOf } from "../shell/base";
import type { Site } from "../shell/site";
import type { Pool } from "../vessels/schema";
import { poolsOf } from "../vessels/split";

/** A part of the floor: land, or a pool that takes all of it. */
export interface FloorZone extends Zone {
  pool: Pool | undefined;
}

/** The floor as its dividers part it, with the pool that takes each part. */
export function floorZones({ shell, variant }: Pick<Site, "shell" | "variant">): FloorZone[] {
  const pools = poolsOf(variant.vessels);
  return zonesOf(baseOf(shell), variant.dividers).map((z) => ({
    ...z,
    pool: pools.find((p) => zonesNamed([z], p.zone).length > 0),
  }));
}
