import { WATER_KG_PER_M3 } from "../units/constants";
import { volumeBelowMl } from "./profile";
import type { Shell } from "./shell";

/** Wet ground in bulk, kg/m³ (HANDBOOK §11: 900–1200, from memory). */
export const WET_GROUND = { value: 1050, low: 900, high: 1200, basis: { kind: "memory" } } as const;
/** Water at 20 °C, kg/m³. */
export const WATER = {
  value: WATER_KG_PER_M3,
  basis: { kind: "published", source: "CRC Handbook, water at 20 °C" },
} as const;

/** Lift with help above this (manual-handling guidance, from memory). */
export const LIFT_KG = 20;

/** Ground and standing water in it, kg. Where both stand, water fills what the ground leaves; the heavier of the two is taken. */
export function fillKg({ profile, levels }: Shell): number {
  const ground = (volumeBelowMl(profile, levels.groundMm) / 1e6) * WET_GROUND.value;
  const water = (volumeBelowMl(profile, levels.waterMm) / 1e6) * WATER.value;
  return Math.max(ground, water);
}
