import type { RoomAir } from "../climate/format";
import type { Brief } from "../document/schema";
import { type Known, practice } from "../figures/figure";

/** How air moves in a room that is lived in, m/s. Common practice, no source. */
export const DRAUGHT: Known = { value: 0.1, low: 0.05, high: 0.15, basis: practice };

export const ROOM_CASES = ["usual", "cold", "warm", "dry", "damp"] as const;
export type RoomCase = (typeof ROOM_CASES)[number];
/** The room at each end of what was said of it. */
export type RoomEnds = Record<Exclude<RoomCase, "usual">, RoomAir>;

/** The room as it usually is, and at each end of what was said of it. */
export function roomsOf({ room }: Pick<Brief, "room">): Record<RoomCase, RoomAir> {
  const { tempC, rh, draught } = room;
  const middle = (range: { low: number; high: number }) => (range.low + range.high) / 2;
  const usual: RoomAir = {
    ...{ tempC: middle(tempC), rh: middle(rh) },
    draughtMPerS: draught?.value ?? DRAUGHT.value,
  };
  return {
    usual,
    cold: { ...usual, tempC: tempC.low },
    warm: { ...usual, tempC: tempC.high },
    dry: { ...usual, rh: rh.low },
    damp: { ...usual, rh: rh.high },
  };
}
