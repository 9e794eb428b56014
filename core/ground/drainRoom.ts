import { perDesign } from "../cache/perDesign";
import { type FloorSite, floorOf, netM2 } from "./area";
import type { FreeSlice } from "./balance";
import { bedsIn } from "./beds";
import { keptApart } from "./poolLevel";

/** The drain layer's bodies in each part of the land, as far as standing water leaves them free. */
export const drainRoom = perDesign((site: FloorSite): FreeSlice[] => {
  const floor = floorOf(site);
  const waterMm = keptApart(site.variant) ? 0 : site.shell.levels.waterMm;
  return floor.zones
    .filter((z) => !z.pool)
    .flatMap((zone) =>
      bedsIn(site, zone.id).flatMap(({ stratum: s, kind, voidShare }): FreeSlice[] => {
        if (!kind?.gathers) return [];
        const fromMm = Math.max(s.fromBackMm, Math.min(waterMm, s.backMm));
        const landM2 = netM2(site, floor, zone, { fromMm, toMm: s.backMm });
        return [{ landM2, freeMm: s.backMm - fromMm, voidShare }];
      }),
    );
});
