import type { Variant } from "../design/schema";
import { floorOf } from "../ground/area";
import { DRAINS } from "../ground/drain";
import { keptApart } from "../ground/poolLevel";
import { WATER_KG_PER_M3 } from "../units/constants";
import { areaAtMm2, volumeBelowMl } from "./profile";
import type { Shell } from "./shell";

/** Wet ground in bulk, kg/m³ (HANDBOOK §11: 900–1200, from memory). */
export const WET_GROUND = { value: 1050, low: 900, high: 1200, basis: { kind: "memory" } } as const;
/** Charcoal in bulk, wet, kg/m³. */
export const CHARCOAL = { value: 450, low: 300, high: 600, basis: { kind: "memory" } } as const;
/** Water at 20 °C, kg/m³. */
export const WATER = {
  value: WATER_KG_PER_M3,
  basis: { kind: "published", source: "CRC Handbook, water at 20 °C" },
} as const;

/** Lift with help above this (manual-handling guidance, from memory). */
export const LIFT_KG = 20;

/** The floor's base: the tray's inside, or the shell's foot. */
export function baseOf({ tray, profile }: Shell): { widthMm: number; depthMm: number; round: boolean } {
  return tray
    ? { widthMm: tray.widthMm - 2 * tray.glassMm, depthMm: tray.depthMm - 2 * tray.glassMm, round: false }
    : { widthMm: profile.footWidthMm, depthMm: profile.footDepthMm, round: profile.round };
}

/** One thing the shell is filled with, litres and kg. */
export interface Fill {
  id: "drain" | "held" | "charcoal" | "mix" | "water";
  label: string;
  litres: number;
  kg: number;
}

/**
 * Ground and standing water, layer by layer, at the middle of its slope. Where water stands in the drain layer it fills
 * what the body leaves; wet ground has its water in it already.
 */
export function fillOf(shell: Shell, variant: Pick<Variant, "ground" | "seal">): Fill[] {
  const { profile, levels } = shell;
  const { pool, drain } = variant.ground;
  const floor = floorOf(baseOf(shell), pool);
  // A tray is narrower than the walls round it, and a pool takes its part of the floor.
  const trayShare = shell.tray ? (floor.wholeM2 * 1e6) / areaAtMm2(profile, 0) : 1;
  const landShare = floor.wholeM2 > 0 ? floor.landM2 / floor.wholeM2 : 1;
  const litresTo = (mm: number) => (trayShare * volumeBelowMl(profile, Math.max(0, mm))) / 1000;
  const apart = keptApart(variant);
  const fills: Fill[] = [];
  for (const s of levels.strata) {
    const [from, to] = [(s.fromFrontMm + s.fromBackMm) / 2, (s.frontMm + s.backMm) / 2];
    const litres = landShare * (litresTo(to) - litresTo(from));
    if (s.id === "drain" && drain) {
      const body = DRAINS[drain.body];
      fills.push({ id: "drain", label: body.name, litres, kg: (litres * body.bulkKgPerM3.value) / 1000 });
      const wetTo = apart ? 0 : Math.min(levels.waterMm, to);
      const water = landShare * litresTo(wetTo) * body.voidShare.value;
      if (water > 0)
        fills.push({ id: "held", label: "water in the drain layer", litres: water, kg: (water * WATER.value) / 1000 });
    } else if (s.id !== "drain") {
      const density = s.id === "charcoal" ? CHARCOAL.value : WET_GROUND.value;
      fills.push({
        id: s.id,
        label: s.id === "charcoal" ? "charcoal" : "ground, wet",
        litres,
        kg: (litres * density) / 1000,
      });
    }
  }
  const over = (levels.groundFrontMm + levels.groundMm) / 2;
  const inPool = pool ? (1 - landShare) * litresTo(levels.waterMm) : 0;
  const onLand = apart ? 0 : landShare * Math.max(0, litresTo(levels.waterMm) - litresTo(over));
  const open = inPool + onLand;
  if (open > 0) fills.push({ id: "water", label: "open water", litres: open, kg: (open * WATER.value) / 1000 });
  return fills;
}

/** What it is filled with, kg. */
export const fillKg = (shell: Shell, variant: Pick<Variant, "ground" | "seal">): number =>
  fillOf(shell, variant).reduce((sum, f) => sum + f.kg, 0);
