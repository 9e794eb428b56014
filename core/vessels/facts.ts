import { factKey } from "../ledgers/facts";

/** What a pool holds, as the floor and what stands in it leave it. */
export interface PoolHolds {
  id: string;
  name: string;
  litres: number;
  /** Its surface, m². */
  m2: number;
  /** Voids of the land that share its level, at the water line, m². */
  voidsM2: number;
  /** How high it is held before it runs onto the land, mm above the base. */
  holdsToMm: number;
}

/** What filling the shell takes at once, L: pools, and voids that share their level. */
export const SHARED_LITRES = factKey<number>("sharedLitres");

export const POOLS = factKey<PoolHolds>("pools");
