import type { ClimateInput } from "../climate/format";
import { type Known, memory } from "../figures/figure";
import type { Fill } from "../ground/mass";
import { siteFloor } from "../ground/site";
import { DRY_RH } from "../residents/factors";
import type { Site } from "../shell/site";

/** Of what it could hold a substrate is put in with so much. From memory. */
export const PUT_IN: Known = { value: 0.7, low: 0.4, high: 1, basis: memory };

/** Whether all residents whose air is known want it dry. */
function areArid({ brief }: Pick<Site, "brief">): boolean {
  const bands = brief.residents.flatMap((r) => r.bands.rh ?? []);
  return bands.length > 0 && bands.every((b) => b.high <= DRY_RH.value);
}

/** The water the air can take: where it lies, how much there is and how much there could be. */
export interface Wet {
  wet: ClimateInput["wet"];
  /** What was taken for how much there is, in words; null where it was typed. */
  because: string | null;
}

/** Wet ground and open water, as they are put in. Walls, wood and plants hold some too, and are not counted. */
export function wetOf(site: Pick<Site, "shell" | "variant" | "brief" | "book">, fills: readonly Fill[]): Wet {
  const givesMl = fills.reduce((sum, f) => sum + f.givesMl, 0);
  const openMl = fills.reduce((sum, f) => sum + (f.kind === "water" ? f.givesMl : 0), 0);
  const typedMl = site.variant.ground.store?.value;
  const capacityMl = Math.max(givesMl, typedMl ?? 0);
  const areaM2 = capacityMl > 0 ? siteFloor(site).wholeM2 : 0;
  const of = (storeMl: number, because: string | null): Wet => ({
    wet: { areaM2, activity: 1, storeMl: Math.min(capacityMl, storeMl), capacityMl },
    because,
  });
  if (typedMl !== undefined) return of(typedMl, null);
  if (openMl === 0 && areArid(site)) return of(0, "as kept dry, for those who live there");
  return of(openMl + PUT_IN.value * (givesMl - openMl), "as it is put in, moist");
}
