import { baseOf } from "../shell/base";
import type { Site } from "../shell/site";
import { type Floor, floorOf } from "./area";

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

/** Depth of the mix at its deepest, mm. */
export function mixDepthMm({ shell }: Pick<Site, "shell">): number {
  const mix = shell.levels.strata.find((s) => s.id === "mix");
  return mix ? Math.max(mix.frontMm - mix.fromFrontMm, mix.backMm - mix.fromBackMm) : 0;
}
