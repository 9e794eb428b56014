import type { OpenMesh } from "../escape/airPath";
import { type Known, memory, published } from "../figures/figure";
import { GRAVITY } from "../units/constants";

/** Discharge coefficient of a sharp-edged opening without a screen. */
export const SHARP_CD: Known = {
  value: 0.61,
  basis: published("bs-5925"),
};
/** Kinematic viscosity of air near 25 °C, m²/s. */
export const AIR_VISCOSITY: Known = { value: 1.55e-5, basis: published("crc-handbook") };
export const SCREEN_SOURCE: Known["basis"] = published("idelchik");
/** What a warm shell is over its room while a first look is taken; the climate stage will compute it. */
export const LOOK_K: Known = { value: 5, basis: memory };

/**
 * Loss coefficient of a screen: 1.3(1 − f) + (1/f − 1)² + 22/Re (source: idelchik). The last term is the low-speed
 * one, given for Re under 50; it is kept above, where it is under 0.44 and fades, so that the curve has no step.
 * @param porosity f, open share
 * @param wireMm wire diameter, mm
 * @param clearMPerS velocity in the clear openings between wires, m/s
 */
export function screenLoss(porosity: number, wireMm: number, clearMPerS: number): number {
  const reynolds = Math.max(1e-3, (clearMPerS * wireMm) / 1000 / AIR_VISCOSITY.value);
  return 1.3 * (1 - porosity) + (1 / porosity - 1) ** 2 + 22 / reynolds;
}

/** An opening as the flow sees it: gross area with its screens' losses, never free area and loss together. */
export interface FlowOpening {
  grossM2: number;
  /** Each mesh over it; their losses add up. */
  screens: readonly OpenMesh[];
}

/** Loss of all screens over an opening, at a velocity over its gross area, m/s. */
const lossOf = (screens: FlowOpening["screens"], faceMPerS: number): number =>
  screens.reduce((sum, s) => sum + screenLoss(s.porosity, s.wireMm, faceMPerS / s.porosity), 0);

/** Cd·A of several openings side by side at one face velocity each, m². */
function conductance(openings: FlowOpening[], flowM3PerS: number): number {
  const grossM2 = openings.reduce((sum, o) => sum + o.grossM2, 0);
  return openings.reduce((sum, o) => {
    const loss = lossOf(o.screens, flowM3PerS / Math.max(1e-9, grossM2));
    return sum + o.grossM2 / Math.sqrt(1 / SHARP_CD.value ** 2 + loss);
  }, 0);
}

/**
 * Stack flow between low and high openings: V = (CdA)·√(2·g·h·ΔT/T), 1/(CdA)² summed over the two levels (source:
 * ashrae-fundamentals). Screens are iterated on their own velocity.
 * @param heightM between the middles of the two levels, m
 * @param warmerK inside over room, K
 * @param roomK room temperature, K
 * @returns flow, m³/s; 0 when either level has no opening
 */
export function stackFlow(
  low: FlowOpening[],
  high: FlowOpening[],
  heightM: number,
  warmerK: number,
  roomK: number,
): number {
  if (low.length === 0 || high.length === 0 || heightM <= 0 || warmerK <= 0) return 0;
  const drive = Math.sqrt((2 * GRAVITY * heightM * warmerK) / roomK);
  let flow = 0;
  for (let i = 0; i < 60; i++) {
    const lowCdA = conductance(low, flow);
    const highCdA = conductance(high, flow);
    const next = drive / Math.sqrt(1 / lowCdA ** 2 + 1 / highCdA ** 2);
    if (Math.abs(next - flow) < 1e-9) break;
    flow = (flow + next) / 2;
  }
  return flow;
}

/** Share of g·ΔT/T·D⁵ under the root that passes a thin horizontal opening both ways at once (source: epstein; L/D under 0.15). */
export const EXCHANGE: Known = {
  value: 0.055,
  basis: published("epstein"),
};

/** An opening by itself: air goes in and out through it side by side. */
export interface LoneOpening extends FlowOpening {
  /** Of an upright opening, m; undefined for one that lies flat, in a top or a base. */
  heightM: number | undefined;
}

/**
 * Exchange through openings that all lie at one level, warm air out and cool air in through the same one. Upright:
 * Q = (Cd·A/3)·√(g·H·ΔT/T) (source: bs-5925, one opening, by temperature difference). Lying flat:
 * Q = 0.055·√(g·(ΔT/T)·D⁵), D that of a circle as large (source: epstein). A screen is passed both ways, by half its area each.
 * @param openings gross areas in m² with their screens
 * @param warmerK inside over room, K
 * @param roomK room temperature, K
 * @returns flow, m³/s
 */
export function exchangeFlow(openings: readonly LoneOpening[], warmerK: number, roomK: number): number {
  if (warmerK <= 0) return 0;
  const reducedGravity = (GRAVITY * warmerK) / roomK;
  return openings.reduce((sum, { grossM2, heightM, screens }) => {
    const bare =
      heightM === undefined
        ? EXCHANGE.value * Math.sqrt(reducedGravity * Math.sqrt((4 * grossM2) / Math.PI) ** 5)
        : ((SHARP_CD.value * grossM2) / 3) * Math.sqrt(reducedGravity * heightM);
    return sum + (screens.length > 0 && grossM2 > 0 ? throughScreens(bare, grossM2, screens) : bare);
  }, 0);
}

/** What screens leave of a flow that goes both ways through them, m³/s. */
function throughScreens(bareM3PerS: number, grossM2: number, screens: FlowOpening["screens"]): number {
  let flow = bareM3PerS;
  for (let i = 0; i < 60; i++) {
    const loss = lossOf(screens, flow / (grossM2 / 2));
    const next = bareM3PerS / Math.sqrt(1 + loss * SHARP_CD.value ** 2);
    if (Math.abs(next - flow) < 1e-9) break;
    flow = (flow + next) / 2;
  }
  return flow;
}
