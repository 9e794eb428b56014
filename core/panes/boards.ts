import type { Known } from "../figures/figure";
import { memory } from "../figures/figure";
import type { Family } from "../materials/face";
import { GRAVITY, WATER_KG_PER_M3 } from "../units/constants";
import { BOW, onThreeEdges } from "./pane";

/** Long-term stiffness of boards a dam is made of, Pa: elasticity ÷ creep over years (source: rates-and-materials). */
const LONG_TERM_PA: Partial<Record<Family, Known>> = {
  pvcFoam: { value: 1.1e9 / 2.5, low: 1.1e9 / 3, high: 1.1e9 / 2, basis: memory },
  plywood: { value: 6e9 / 2, low: 4e9 / 2.5, high: 8e9 / 1.6, basis: memory },
  timber: { value: 10e9 / 2, basis: memory },
  chipboard: { value: 2e9 / 3, basis: memory },
  mdf: { value: 2.5e9 / 3, basis: memory },
  hdpe: { value: 0.9e9 / 3, basis: memory },
};
const POISSON = 0.3;

/** A board that stands against water, held at its foot and both ends: how far it bows in years, and how far it may. */
export interface BoardBow {
  bowMm: number;
  allowedMm: number;
  elastic: Known;
}

/**
 * How far a board on edge bows under water (source: timoshenko, ch. 5, top edge free).
 * @returns undefined for stuff whose stiffness is not known
 */
export function boardBow(family: Family, thicknessMm: number, depthMm: number, spanMm: number): BoardBow | undefined {
  const elastic = LONG_TERM_PA[family];
  if (!elastic || depthMm < 1) return undefined;
  const depth = depthMm / 1000;
  const { deflection } = onThreeEdges(spanMm / depthMm, POISSON);
  const stiffness = (elastic.value * (thicknessMm / 1000) ** 3) / (12 * (1 - POISSON ** 2));
  const bowM = (deflection * WATER_KG_PER_M3 * GRAVITY * depth * depth ** 4) / stiffness;
  return {
    bowMm: bowM * 1000,
    // Its free edge bows along the span, and takes the beads at its ends with it.
    allowedMm: Math.min(spanMm / BOW.shareOfSpan, BOW.mostMm),
    elastic,
  };
}
