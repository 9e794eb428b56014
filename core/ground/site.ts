import { baseOf } from "../shell/base";
import type { Site } from "../shell/site";
import { type Floor, floorOf } from "./area";
import { DRAINS } from "./drain";
import { netLandM2 } from "./mass";
import { keptApart } from "./poolLevel";

/** The floor of a site, land and pool. */
export const siteFloor = (site: Site): Floor => floorOf(baseOf(site.shell), site.variant.ground.pool);

/** Whether anything of the ground is planned beyond its depth. */
export function groundIsPlanned({ variant: { ground } }: Site): boolean {
  const { drain, barrier, charcoal, mix, litter, pool, dish, plants } = ground;
  return (
    [drain, barrier, charcoal, litter, pool, dish].some((x) => x !== null) || mix.parts.length > 0 || plants.length > 0
  );
}

/** Whether ground is laid; a poured floor is its own kind of shell's. */
export const laysGround = ({ shell, variant }: Site): boolean =>
  shell.levels.groundMm > 0 && variant.shell.groundDepth !== null;

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

/** Depth of the mix at its deepest, mm. */
export function mixDepthMm({ shell }: Pick<Site, "shell">): number {
  const mix = shell.levels.strata.find((s) => s.id === "mix");
  return mix ? Math.max(mix.frontMm - mix.fromFrontMm, mix.backMm - mix.fromBackMm) : 0;
}
