import { insetsOf } from "../background/displaced";
import { boxesTake } from "../boxes/displaced";
import { perDesign } from "../cache/perDesign";
import { dividersTakeM2 } from "../dividers/displaced";
import { holds } from "../dividers/zones";
import { piecesTake } from "../hardscape/displaced";
import { baseOf, floorCorner } from "../shell/base";
import { clipToRect } from "../shell/clip";
import { areaMm2 } from "../shell/outline";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";
import { type Slice, shareOf, type Taking } from "../shell/taking";
import { vesselsTake } from "../vessels/displaced";
import type { Pool } from "../vessels/schema";
import { vesselRect } from "../vessels/sizes";
import { poolsOf } from "../vessels/split";
import { type FloorZone, floorZones } from "./zones";

/** What decides how the floor is parted, and what stands on it. */
export type FloorSite = Pick<Site, "shell" | "variant" | "book">;

/** The floor as the ground sees it. */
export interface Floor {
  widthMm: number;
  depthMm: number;
  /** Whole floor, m². */
  wholeM2: number;
  /** Under water, m². */
  poolM2: number;
  /** Under ground, m². */
  landM2: number;
  zones: FloorZone[];
  /** Pools in a place of their own, as far as they lie on the floor. */
  pools: { pool: Pool; m2: number }[];
}

/** Land and pools of a floor, to the middle of its dividers. What stands on it is taken off by `netM2`. */
export const floorOf = perDesign(({ shell, variant }: Pick<Site, "shell" | "variant">): Floor => {
  const base = baseOf(shell);
  const pools = poolsOf(variant.vessels);
  const zones = floorZones({ shell, variant });
  const sum = (list: readonly { m2: number }[]) => list.reduce((m2, x) => m2 + x.m2, 0);
  const wholeM2 = sum(zones);
  const inZones = sum(zones.filter((z) => z.pool));
  let roomM2 = wholeM2 - inZones;
  const placed = pools.flatMap((pool) => {
    if (pool.zone !== null) return [];
    // A pool larger than the land takes all of it.
    const m2 = Math.min(roomM2, (pool.width.value * pool.length.value) / 1e6);
    roomM2 -= m2;
    return [{ pool, m2 }];
  });
  const poolM2 = inZones + sum(placed);
  return {
    ...{ widthMm: base.widthMm, depthMm: base.depthMm, wholeM2, poolM2, landM2: wholeM2 - poolM2 },
    ...{ zones, pools: placed },
  };
});

/** The middle of a thing, from the floor's own corner: a tray stands off the walls that things are measured from. */
function middleOf({ uMm, vMm, widthMm, heightMm }: Taking["rect"], { shell }: Pick<Site, "shell">): Point {
  const [offU, offV] = floorCorner(shell);
  return [uMm + widthMm / 2 - offU, vMm + heightMm / 2 - offV];
}
/** Pools are measured on the floor itself. */
const middleOfPool = ({ u, v }: Pool): Point => [u.value, v.value];

/** Whether a place of the floor is under open water. */
export function inWater(floor: Floor, at: Point): boolean {
  return (
    floor.zones.some((z) => z.pool && holds(z, at)) ||
    floor.pools.some(({ pool }) => {
      const { uMm, vMm, widthMm, heightMm } = vesselRect(pool);
      return at[0] > uMm && at[0] < uMm + widthMm && at[1] > vMm && at[1] < vMm + heightMm;
    })
  );
}

/** Everything that stands on the floor with a foot of its own. Who takes room there is a line here. */
const takings = perDesign(({ shell, variant, book }: FloorSite): Taking[] => [
  ...piecesTake(variant),
  ...vesselsTake(shell, variant),
  ...boxesTake(shell, variant, book, ({ uMm, vMm }) =>
    inWater(floorOf({ shell, variant }), middleOf({ uMm, vMm, widthMm: 0, heightMm: 0 }, { shell })),
  ),
]);

/**
 * What walls, dividers and things that stand there leave of a part of the floor between two heights, m²: what is poured or
 * stands as water goes round them. A thing counts where its middle is.
 */
export function netM2(site: FloorSite, floor: Floor, zone: FloorZone, slice: Slice): number {
  const { left, right, back } = insetsOf(site.shell, site.variant, slice);
  const { widthMm, depthMm } = floor;
  const whole = areaMm2(zone.outline);
  const clear = areaMm2(clipToRect(zone.outline, [left, 0], [widthMm - right, depthMm - back]));
  const isIn = (at: Point) => floor.zones.length === 1 || holds(zone, at);
  const own = takings(site).filter(({ rect }) => isIn(middleOf(rect, site)));
  // A pool in a place of its own takes that out of the land about it, and what stands in it with it.
  const apart = zone.pool ? [] : floor.pools;
  const onLand = zone.pool ? own : own.filter(({ rect }) => !inWater(floor, middleOf(rect, site)));
  const taken =
    onLand.reduce((m2, t) => m2 + t.m2 * shareOf(t, slice), 0) +
    apart.reduce((m2, { pool, m2: own2 }) => (isIn(middleOfPool(pool)) ? m2 + own2 : m2), 0) +
    dividersTakeM2(zone, slice, site.variant.dividers, baseOf(site.shell), site.book);
  return Math.max(0, whole > 0 ? zone.m2 * (clear / whole) - taken : 0);
}

/** What stands in a pool leaves of it, m². */
export function poolNetM2(site: FloorSite, floor: Floor, pool: Pool, slice: Slice): number {
  const zones = floor.zones.filter((z) => z.pool === pool);
  if (zones.length > 0) return zones.reduce((sum, z) => sum + netM2(site, floor, z, slice), 0);
  const own = floor.pools.find((p) => p.pool === pool);
  if (!own) return 0;
  const { uMm, vMm, widthMm, heightMm } = vesselRect(pool);
  const inIt = takings(site).filter(({ rect }) => {
    const [x, y] = middleOf(rect, site);
    return x > uMm && x < uMm + widthMm && y > vMm && y < vMm + heightMm;
  });
  return Math.max(0, own.m2 - inIt.reduce((m2, t) => m2 + t.m2 * shareOf(t, slice), 0));
}
