import { type Known, memory } from "../figures/figure";
import type { Pump } from "../fixtures/pump";
import { GRAVITY } from "../units/constants";

/** Kinematic viscosity of water at 20 °C, m²/s. From memory. */
export const VISCOSITY: Known = { value: 1.0e-6, low: 0.8e-6, high: 1.3e-6, basis: memory };

/** Reynolds numbers below which a tube runs smooth in layers, and above which it is turbulent (source: moving-water). */
const RE = { laminar: 2000, turbulent: 4000 } as const;

/**
 * Friction factor of a smooth tube (Darcy): 64/Re in layers; Blasius, 0.316·Re^−0.25, turbulent; between them the larger.
 * Source: moving-water.
 */
export function frictionFactor(re: number): number {
  const layers = 64 / re;
  const blasius = 0.316 * re ** -0.25;
  if (re <= RE.laminar) return layers;
  return re >= RE.turbulent ? blasius : Math.max(layers, blasius);
}

/** A tube from pump to lip. */
export interface Tube {
  boreMm: number;
  lengthMm: number;
}

/**
 * Head lost in a tube at a flow, mm (Darcy–Weisbach: f·L/D·v²/2g; source: moving-water).
 * @param litresPerHour flow
 */
export function lostMm(litresPerHour: number, { boreMm, lengthMm }: Tube): number {
  if (litresPerHour <= 0) return 0;
  const d = boreMm / 1000;
  const v = litresPerHour / 3.6e6 / ((Math.PI / 4) * d ** 2);
  const re = (v * d) / VISCOSITY.value;
  return ((frictionFactor(re) * lengthMm) / boreMm) * (v ** 2 / (2 * GRAVITY)) * 1000;
}

/**
 * Flow at the lip, L/h: where the straight line between the label's two figures (from memory) meets lift and friction.
 * @returns 0 where the pump does not lift so high
 */
export function flowAt(pump: Pump, liftMm: number, tube: Tube): number {
  const left = (q: number) => pump.headMm * (1 - q / pump.litresPerHour) - liftMm - lostMm(q, tube);
  if (left(0) <= 0) return 0;
  // What is left falls as the flow grows: halving finds where it is nothing.
  let [low, high] = [0, pump.litresPerHour];
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (left(mid) > 0) low = mid;
    else high = mid;
  }
  return low;
}

/** How water goes over a lip, by litres a minute for each 100 mm of it (from memory). */
export function lipWords(litresPerMinutePer100: number): string {
  if (litresPerMinutePer100 < 0.2) return "it drips";
  if (litresPerMinutePer100 < 1) return "it trickles";
  if (litresPerMinutePer100 < 4) return "it clings to what is below";
  return litresPerMinutePer100 <= 10 ? "it falls free, as a sheet" : "it shoots over, and splashes";
}
