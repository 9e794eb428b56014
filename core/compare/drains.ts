import { statedMm } from "../design/measure";
import { DRAIN_DEPTH_MM, DRAINS } from "../ground/drain";
import { drainMaterial } from "../ground/layers/drain";
import { DRAIN_BODIES, type DrainBody } from "../ground/names";
import { siteFloor } from "../ground/site";
import type { Site } from "../shell/site";
import { priceOf } from "./price";

/** One body of a drainage layer, reckoned for this floor. */
export interface DrainWay {
  id: DrainBody;
  /** As deep as it is planned, or as deep as a layer usually is, mm. */
  depthMm: number;
  /** What its voids take up before water meets the barrier, L. */
  holdsLitres: number;
  /** Dry, as it lies, kg. */
  kg: number;
  /** What it takes at the price of what is used, minor units; null while a price is missing. */
  costMinor: number | null;
}

/**
 * The ways to drain this floor side by side, each as deep as the layer that is planned, or as one in a wet shell usually is.
 * @returns litres, mass and cost of each; formulas as the ground trade's (source: ground)
 */
export function drainsOf(site: Site): DrainWay[] {
  const own = site.variant.ground.layers.find((l) => l.kind === "drain");
  const depth = own?.depth ?? statedMm(DRAIN_DEPTH_MM.wet.low);
  const floor = siteFloor(site);
  const m3 = (floor.landM2 * depth.value) / 1000;
  return DRAIN_BODIES.map((id) => {
    const { voidShare, bulkKgPerM3, bought } = DRAINS[id];
    const amount = bought === "fill" ? m3 * 1e6 : floor.landM2 * 1e6;
    return {
      ...{ id, depthMm: depth.value, holdsLitres: m3 * 1000 * voidShare.value, kg: m3 * bulkKgPerM3.value },
      costMinor: priceOf(site, drainMaterial(site, id), amount),
    };
  });
}
