import { type Known, memory } from "../figures/figure";
import { over } from "../units/tolerance";
import { LOST_PERCENT } from "./drain";
import type { Ground } from "./schema";

/** What the drain layer holds, and how long misting takes to fill it. */
export interface Balance {
  /** Litres it takes up to the barrier, beside what stands in it as planned. */
  capacityL: number;
  /** Litres a day that stay. */
  staysL: number;
  /** Days until water reaches the barrier; null where nothing stays, or nobody knows the misting. */
  days: number | null;
}

/** Loss typed by the builder is taken as it is; the starting one is wide. */
export const lossOf = ({ lost }: Pick<Ground, "lost">): Known =>
  lost ? { value: lost.value, basis: memory } : LOST_PERCENT;

/** A part of the drain layer that no water stands in yet. */
export interface FreeSlice {
  /** Land that walls and things leave it, m². */
  landM2: number;
  /** Height that is free, mm. */
  freeMm: number;
  /** Share of its body that water fills. */
  voidShare: number;
}

/**
 * A simple balance: what is misted, less what leaves with the air, fills the voids of the drain layer.
 * @param free the drain layer's bodies, as far as they are not under water yet
 */
export function fillBalance(ground: Pick<Ground, "misting" | "lost">, free: readonly FreeSlice[]): Balance {
  // m² × mm = litres.
  const capacityL = free.reduce((sum, s) => sum + Math.max(0, s.landM2 * s.freeMm * s.voidShare), 0);
  const staysL = ((ground.misting?.value ?? 0) / 1000) * Math.max(0, 1 - lossOf(ground).value / 100);
  return { capacityL, staysL, days: over(staysL, 0) ? capacityL / staysL : null };
}
