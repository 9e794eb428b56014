import type { Site } from "../shell/site";
import { type Floor, floorOf } from "./area";
import { strataIn } from "./strataIn";

/** The floor of a site, land and pool. */
export const siteFloor = (site: Pick<Site, "shell" | "variant">): Floor => floorOf(site);

/** Whether anything of the ground is planned beyond its depth. */
export function groundIsPlanned({ variant: { ground, vessels } }: Site): boolean {
  return ground.layers.length > 0 || ground.plants.length > 0 || vessels.length > 0;
}

/** Whether ground is laid; a poured floor is its own kind of shell's. */
export const laysGround = ({ shell, variant }: Site): boolean =>
  shell.levels.groundMm > 0 && variant.shell.groundDepth !== null;

/** Depth of the substrate at its deepest, above what drains it and keeps it, mm. */
export function mixDepthMm(site: Pick<Site, "shell" | "variant">): number {
  const depths = floorOf(site)
    .zones.filter((z) => !z.pool)
    .map(({ id }) =>
      strataIn(site, id)
        .filter((s) => s.kind !== "drain" && s.kind !== "charcoal")
        .reduce((sum, s) => sum + Math.max(s.frontMm - s.fromFrontMm, s.backMm - s.fromBackMm), 0),
    );
  return Math.max(0, ...depths);
}
