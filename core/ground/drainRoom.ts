import type { Site } from "../shell/site";
import { DRAINS } from "./drain";
import { netLandM2 } from "./mass";
import { keptApart } from "./poolLevel";

/** The height of the drain layer that standing water leaves free, the land that walls and pieces leave it, and its voids. */
export function drainRoom({ shell, variant }: Site): { freeMm: number; landM2: number; voidShare: number } {
  const { drain } = variant.ground;
  if (!drain) return { freeMm: 0, landM2: 0, voidShare: 0 };
  const { drainMm, waterMm } = shell.levels;
  const water = keptApart(variant) ? 0 : Math.min(waterMm, drainMm);
  return {
    freeMm: drainMm - water,
    landM2: netLandM2(shell, variant, { fromMm: water, toMm: drainMm }),
    voidShare: DRAINS[drain.body].voidShare.value,
  };
}
