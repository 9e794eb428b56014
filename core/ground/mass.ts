import { boxInsideM2 } from "../boxes/sizes";
import { perDesign } from "../cache/perDesign";
import { WET_GROUND } from "../figures/substrate";
import { WATER } from "../figures/water";
import { floorCorner } from "../shell/base";
import { areaAtMm2, volumeBelowMl } from "../shell/profile";
import type { Slice } from "../shell/taking";
import type { Pool } from "../vessels/schema";
import { poolsOf } from "../vessels/split";
import { type Floor, type FloorSite, floorOf, inWater, netM2, poolNetM2 } from "./area";
import { bedsIn } from "./beds";
import { HOLDS } from "./layers/holds";
import type { LayerKindId } from "./layers/schema";
import { keptApart } from "./poolLevel";
import type { FloorZone } from "./zones";

/** One thing the shell is filled with, litres and kg. */
export interface Fill {
  /** The layer's own id; `held` and `water` for what stands in the drain layer, and open. */
  id: string;
  kind: LayerKindId | "held" | "water";
  label: string;
  litres: number;
  kg: number;
  /** Of it the water that air can take, wet as it drains, mL. */
  givesMl: number;
}

/** Litres of a part of the floor between two heights, without what stands there. */
export function litresOf(site: FloorSite, floor: Floor, zone: FloorZone, slice: Slice): number {
  const { shell } = site;
  // A tray is narrower than the walls round it; walls that lean make room as they go up.
  const trayShare = shell.tray ? (floor.wholeM2 * 1e6) / areaAtMm2(shell.profile, 0) : 1;
  const litresTo = (mm: number) => (trayShare * volumeBelowMl(shell.profile, Math.max(0, mm))) / 1000;
  const between = Math.max(0, litresTo(slice.toMm) - litresTo(slice.fromMm));
  return floor.wholeM2 > 0 ? (between * netM2(site, floor, zone, slice)) / floor.wholeM2 : 0;
}

/**
 * Ground and standing water, layer by layer, at the middle of its slope. Where water stands in the drain layer it fills
 * what the body leaves; wet ground has its water in it already. What stands down into a layer takes its part of it.
 */
export const fillOf = perDesign((site: FloorSite): Fill[] => {
  const { shell, variant } = site;
  const { levels } = shell;
  const floor = floorOf(site);
  const land = floor.zones.filter((z) => !z.pool);
  const apart = keptApart(variant);
  const fills = new Map<string, Fill>();
  const add = (
    { id, kind, label }: Pick<Fill, "id" | "kind" | "label">,
    litres: number,
    kgPerM3: number,
    gives: number,
  ) => {
    if (litres <= 0 && (kind === "held" || kind === "water")) return;
    const own = fills.get(id) ?? { id, kind, label, litres: 0, kg: 0, givesMl: 0 };
    fills.set(id, {
      ...own,
      litres: own.litres + litres,
      kg: own.kg + (litres * kgPerM3) / 1000,
      givesMl: own.givesMl + 1000 * litres * gives,
    });
  };
  let held = 0;
  let open = poolsOf(variant.vessels).reduce((sum, pool) => sum + poolLitres(site, floor, pool), 0);
  for (const zone of land) {
    for (const { stratum: s, layer, kind, voidShare } of bedsIn(site, zone.id)) {
      const [fromMm, toMm] = [(s.fromFrontMm + s.fromBackMm) / 2, (s.frontMm + s.backMm) / 2];
      const litres = litresOf(site, floor, zone, { fromMm, toMm });
      const label = kind && layer ? (kind.gathers ? kind.of(layer) : `${kind.word}, as it lies`) : "substrate, wet";
      add(
        { id: s.id, kind: s.kind, label },
        litres,
        kind && layer ? kind.kgPerM3(layer, site.book) : WET_GROUND.value,
        kind && layer ? (kind.holds?.value ?? 0) : HOLDS.mix.value,
      );
      if (kind?.gathers && !apart)
        held += litresOf(site, floor, zone, { fromMm, toMm: Math.min(levels.waterMm, toMm) }) * voidShare;
    }
    const over = (levels.groundFrontMm + levels.groundMm) / 2;
    if (!apart && levels.waterMm > over) open += litresOf(site, floor, zone, { fromMm: over, toMm: levels.waterMm });
  }
  const [offU, offV] = floorCorner(shell);
  // A box on land is flooded through its foot to the same level.
  for (const box of variant.boxes)
    if (box.foot && !apart && !inWater(floor, [box.u.value - offU, box.v.value - offV]))
      open += boxInsideM2(shell, site.book, box) * levels.waterMm;
  add({ id: "held", kind: "held", label: "water in the drainage layer" }, held, WATER.value, 0);
  add({ id: "water", kind: "water", label: "open water" }, open, WATER.value, 1);
  return [...fills.values()];
});

/** Water of a pool, litres, without what stands in it: between the walls that bound it, or in its own place. */
export function poolLitres(site: FloorSite, floor: Floor, pool: Pool): number {
  const { waterMm } = site.shell.levels;
  const slice = { fromMm: 0, toMm: waterMm };
  const zones = floor.zones.filter((z) => z.pool === pool);
  return zones.length > 0
    ? zones.reduce((sum, z) => sum + litresOf(site, floor, z, slice), 0)
    : // m² × mm = litres.
      poolNetM2(site, floor, pool, slice) * waterMm;
}

/** What it is filled with, kg. */
export const fillKg = (site: FloorSite): number => fillOf(site).reduce((sum, f) => sum + f.kg, 0);
