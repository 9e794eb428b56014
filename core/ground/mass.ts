import { displacedShare } from "../background/displaced";
import type { Variant } from "../document/schema";
import { memory } from "../figures/figure";
import { WATER } from "../figures/water";
import { piecesTakeM2 } from "../hardscape/displaced";
import { baseOf } from "../shell/base";
import type { Rect } from "../shell/faces";
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
type Filled = Pick<Variant, "ground" | "seal" | "background" | "hardscape">;

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
  const litresTo = (mm: number) => (trayShare * volumeBelowMl(profile, Math.max(0, mm))) / 1000;
  /** Litres of the land between two heights, without what walls standing there take. */
  const onLand = (fromMm: number, toMm: number) => {
    const between = Math.max(0, litresTo(toMm) - litresTo(fromMm));
    return floor.wholeM2 > 0 ? (between * netLandM2(shell, variant, { fromMm, toMm })) / floor.wholeM2 : 0;
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
  const pooled = pool ? poolLitres(shell, variant) : 0;
  const open = pooled + (apart ? 0 : onLand(over, levels.waterMm));
  if (open > 0) fills.push({ id: "water", label: "open water", litres: open, kg: (open * WATER.value) / 1000 });
  return fills;
}

/**
 * Land that walls and pieces standing there leave between two heights, m²: what is poured goes round them.
 * @param slice heights above the base, mm
 */
export function netLandM2(shell: Shell, variant: Filled, slice: { fromMm: number; toMm: number }): number {
  const { pool } = variant.ground;
  const { wholeM2, landM2 } = floorOf(baseOf(shell), pool);
  const inPool = poolRect(pool);
  const piecesM2 = piecesTakeM2(variant, slice, (rect) => (isIn(inPool, rect) ? undefined : rect));
  return Math.max(0, landM2 - wholeM2 * displacedShare(shell, variant, slice) - piecesM2);
}

/** The pool as a rectangle of the floor; null without one. */
const poolRect = (pool: Filled["ground"]["pool"]): Rect | null =>
  pool && {
    ...{ uMm: pool.u.value - pool.width.value / 2, vMm: pool.v.value - pool.length.value / 2 },
    ...{ widthMm: pool.width.value, heightMm: pool.length.value },
  };

/** Whether a piece stands in the pool: its middle does. */
const isIn = (pool: Rect | null, { uMm, vMm, widthMm, heightMm }: Rect): boolean =>
  pool !== null &&
  Math.abs(uMm + widthMm / 2 - pool.uMm - pool.widthMm / 2) < pool.widthMm / 2 &&
  Math.abs(vMm + heightMm / 2 - pool.vMm - pool.heightMm / 2) < pool.heightMm / 2;

/** Water of the pool, litres, without what stands in it. */
export function poolLitres(shell: Shell, variant: Filled): number {
  const { pool } = variant.ground;
  const waterMm = shell.levels.waterMm;
  const rect = poolRect(pool);
  const { poolM2 } = floorOf(baseOf(shell), pool);
  const takenM2 = piecesTakeM2(variant, { fromMm: 0, toMm: waterMm }, (r) => (isIn(rect, r) ? r : undefined));
  // m² × mm = litres.
  return Math.max(0, poolM2 - takenM2) * waterMm;
}

/** What it is filled with, kg. */
export const fillKg = (shell: Shell, variant: Filled): number =>
  fillOf(shell, variant).reduce((sum, f) => sum + f.kg, 0);
