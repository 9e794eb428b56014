import { displacedShare } from "../background/displaced";
import type { Variant } from "../document/schema";
import { memory } from "../figures/figure";
import { WATER } from "../figures/water";
import { baseOf } from "../shell/base";
import { areaAtMm2, volumeBelowMl } from "../shell/profile";
import type { Shell } from "../shell/shell";
import { floorOf } from "./area";
import { DRAINS } from "./drain";
import { keptApart } from "./poolLevel";

/** Wet ground in bulk, kg/m³ (source: rates-and-materials; 900–1200, from memory). */
export const WET_GROUND = { value: 1050, low: 900, high: 1200, basis: memory } as const;
/** Charcoal in bulk, wet, kg/m³. */
export const CHARCOAL = { value: 450, low: 300, high: 600, basis: memory } as const;

/** One thing the shell is filled with, litres and kg. */
export interface Fill {
  id: "drain" | "held" | "charcoal" | "mix" | "water";
  label: string;
  litres: number;
  kg: number;
}

/** What decides what a shell is filled with. */
type Filled = Pick<Variant, "ground" | "seal" | "background">;

/**
 * Ground and standing water, layer by layer, at the middle of its slope. Where water stands in the drain layer it fills
 * what the body leaves; wet ground has its water in it already. Walls that stand down into a layer take their part of it.
 */
export function fillOf(shell: Shell, variant: Filled): Fill[] {
  const { profile, levels } = shell;
  const { pool, drain } = variant.ground;
  const floor = floorOf(baseOf(shell), pool);
  // A tray is narrower than the walls round it, and a pool takes its part of the floor.
  const trayShare = shell.tray ? (floor.wholeM2 * 1e6) / areaAtMm2(profile, 0) : 1;
  const landShare = floor.wholeM2 > 0 ? floor.landM2 / floor.wholeM2 : 1;
  const litresTo = (mm: number) => (trayShare * volumeBelowMl(profile, Math.max(0, mm))) / 1000;
  /** Litres of the land between two heights, without what walls standing there take. */
  const onLand = (fromMm: number, toMm: number) => {
    const between = Math.max(0, litresTo(toMm) - litresTo(fromMm));
    return between * Math.max(0, landShare - displacedShare(shell, variant, { fromMm, toMm }));
  };
  const apart = keptApart(variant);
  const fills: Fill[] = [];
  for (const s of levels.strata) {
    const [from, to] = [(s.fromFrontMm + s.fromBackMm) / 2, (s.frontMm + s.backMm) / 2];
    const litres = onLand(from, to);
    if (s.id === "drain" && drain) {
      const body = DRAINS[drain.body];
      fills.push({ id: "drain", label: body.name, litres, kg: (litres * body.bulkKgPerM3.value) / 1000 });
      const wetTo = apart ? 0 : Math.min(levels.waterMm, to);
      const water = onLand(0, wetTo) * body.voidShare.value;
      if (water > 0)
        fills.push({
          id: "held",
          label: "water in the drainage layer",
          litres: water,
          kg: (water * WATER.value) / 1000,
        });
    } else if (s.id !== "drain") {
      const density = s.id === "charcoal" ? CHARCOAL.value : WET_GROUND.value;
      fills.push({
        id: s.id,
        label: s.id === "charcoal" ? "charcoal" : "substrate, wet",
        litres,
        kg: (litres * density) / 1000,
      });
    }
  }
  const over = (levels.groundFrontMm + levels.groundMm) / 2;
  const inPool = pool ? (1 - landShare) * litresTo(levels.waterMm) : 0;
  const open = inPool + (apart ? 0 : onLand(over, levels.waterMm));
  if (open > 0) fills.push({ id: "water", label: "open water", litres: open, kg: (open * WATER.value) / 1000 });
  return fills;
}

/** What it is filled with, kg. */
export const fillKg = (shell: Shell, variant: Filled): number =>
  fillOf(shell, variant).reduce((sum, f) => sum + f.kg, 0);
