import { perDesign } from "../cache/perDesign";
import { poolDividers } from "../dividers/bounds";
import type { PoolHolds } from "../vessels/facts";
import { poolsOf } from "../vessels/split";
import { type Floor, type FloorSite, floorOf, netM2, poolNetM2 } from "./area";
import { bedsIn } from "./beds";
import { fillOf, litresOf, poolLitres } from "./mass";
import { isApart, keptApart } from "./poolLevel";

/** What each pool holds, what shares its level, and how high it is held. */
export const poolsHold = perDesign((site: FloorSite): PoolHolds[] => {
  const floor = floorOf(site);
  const { waterMm, drainMm, topMm } = site.shell.levels;
  // Water that shares its level with land soaks it once it tops the drainage layer.
  const landMm = floor.landM2 > 0 && drainMm > 0 ? drainMm : topMm;
  return poolsOf(site.variant.vessels).map((pool) => {
    const apart = isApart(site.variant, pool);
    return {
      ...{ id: pool.id, name: pool.name, litres: poolLitres(site, floor, pool) },
      m2: poolNetM2(site, floor, pool, { fromMm: 0, toMm: Math.max(1, waterMm) }),
      voidsM2: apart ? 0 : voidsAtM2(site, floor, waterMm),
      // Kept apart, its lowest divider holds it.
      holdsToMm: apart ? Math.min(...poolDividers(site.variant, pool).map((d) => d.height.value)) : landMm,
    };
  });
});

const landOf = (floor: Floor) => floor.zones.filter((z) => !z.pool);

/** Voids of the land at a height, m². */
const voidsAtM2 = (site: FloorSite, floor: Floor, mm: number): number =>
  landOf(floor).reduce((sum, zone) => {
    const at = bedsIn(site, zone.id).find(({ stratum: s }) => s.fromBackMm <= mm && mm <= s.backMm);
    return sum + netM2(site, floor, zone, { fromMm: mm, toMm: mm + 1 }) * (at?.voidShare ?? 0);
  }, 0);

/** What filling a shell takes, by where it goes, litres. */
export interface SharedWater {
  openL: number;
  heldL: number;
  soakedL: number;
}

/**
 * What filling the shell takes: open water, and what the voids of drain layers and wet substrate take up to the water line.
 * Stones and all that stands there are off already.
 */
export function sharedWater(site: FloorSite): SharedWater {
  const { waterMm } = site.shell.levels;
  const floor = floorOf(site);
  const fills = fillOf(site);
  const of = (kind: "water" | "held") => fills.reduce((sum, f) => (f.kind === kind ? sum + f.litres : sum), 0);
  const soaked = (zone: Floor["zones"][number]) =>
    bedsIn(site, zone.id).reduce((sum, { stratum: s, kind, voidShare }) => {
      const [fromMm, toMm] = [(s.fromFrontMm + s.fromBackMm) / 2, (s.frontMm + s.backMm) / 2];
      // What a drain layer gathers is held, and counted as that.
      if (kind?.gathers || waterMm <= fromMm) return sum;
      return sum + litresOf(site, floor, zone, { fromMm, toMm: Math.min(waterMm, toMm) }) * voidShare;
    }, 0);
  const soakedL = keptApart(site.variant) ? 0 : landOf(floor).reduce((sum, z) => sum + soaked(z), 0);
  return { openL: of("water"), heldL: of("held"), soakedL };
}
