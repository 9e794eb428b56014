import * as v from "valibot";
import { remembering } from "../cache/remembering";
import type { Family } from "../materials/face";
import { GRAVITY, WATER_KG_PER_M3 } from "../units/constants";
import { atLeast } from "../units/tolerance";
import { fourEdges, topFree } from "./plate";

const mm = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of millimetres.`),
    v.finite(`${what} must be a finite number.`),
    v.minValue(1, `${what} must be at least 1 mm.`),
    v.maxValue(20_000, `${what} must be under 20 m.`),
  );

/** Input of `hornwort pane`. */
export const PaneSchema = v.pipe(
  v.object({
    waterDepthMm: mm("waterDepthMm"),
    /** Of a pane held on four edges; its upper part is dry. The water's depth unless given. */
    paneHeightMm: v.optional(mm("paneHeightMm")),
    spanMm: mm("spanMm"),
    edges: v.picklist(["four", "topFree"], "edges must be four or topFree."),
    material: v.picklist(
      ["floatGlass", "acrylic", "polycarbonate", "polystyrene"],
      "material must be floatGlass, acrylic, polycarbonate or polystyrene.",
    ),
    safetyFactor: v.optional(
      v.pipe(v.number(), v.finite(), v.minValue(1, "safetyFactor must be 1 or more."), v.maxValue(100)),
    ),
  }),
  v.check(
    (p) => p.edges === "topFree" || p.paneHeightMm === undefined || p.paneHeightMm >= p.waterDepthMm,
    "paneHeightMm must be at least waterDepthMm: water does not stand above its pane.",
  ),
);
export type PaneInput = v.InferOutput<typeof PaneSchema>;

/** Pa, and shares; float glass: EN 572-1 and the hobby's rule; plastics: from memory. */
export const MATERIAL = {
  floatGlass: { poisson: 0.22, elasticPa: 70e9, bowElasticPa: 70e9, strengthPa: 19.2e6, safety: 3.8 },
  acrylic: { poisson: 0.37, elasticPa: 3.2e9, bowElasticPa: 1.5e9, strengthPa: 60e6, safety: 6 },
  polycarbonate: { poisson: 0.37, elasticPa: 2.3e9, bowElasticPa: 1.4e9, strengthPa: 60e6, safety: 6 },
  polystyrene: { poisson: 0.35, elasticPa: 3.1e9, bowElasticPa: 1.4e9, strengthPa: 40e6, safety: 8 },
} as const;

/** What a face's stuff is as a pane; what is not here is no pane. */
export const PANE_OF: Partial<Record<Family, keyof typeof MATERIAL>> = {
  glass: "floatGlass",
  temperedGlass: "floatGlass",
  acrylic: "acrylic",
  polycarbonate: "polycarbonate",
  ps: "polystyrene",
};

/** Thicknesses glass and acrylic are sold in, mm. */
export const STOCK_MM = [3, 4, 5, 6, 8, 10, 12, 15, 19] as const;
/** A bow shows and opens seams beyond the smaller of these: shorter span ÷ 300, and 1.5 mm (from memory). */
export const BOW = { shareOfSpan: 300, mostMm: 1.5 } as const;

export interface PaneResult {
  requiredMm: number;
  chosenMm: number | null;
  stressMPa: number | null;
  bowMm: number | null;
  safetyFactorAtChosen: number | null;
  coefficients: { beta: number; alpha: number };
  withinScope: boolean;
  why: string;
}

const onFourEdges = remembering(fourEdges);
export const onThreeEdges = remembering(topFree);

const round = (value: number, decimals: number) => Number(value.toFixed(decimals));

/** A plate's coefficients: largest moment and deflection for a load that grows to its foot. */
const plateOf = ({ waterDepthMm, spanMm, edges, material, paneHeightMm }: PaneInput) => {
  const { poisson } = MATERIAL[material];
  return edges === "four"
    ? onFourEdges(spanMm / waterDepthMm, (paneHeightMm ?? waterDepthMm) / waterDepthMm, poisson)
    : onThreeEdges(spanMm / waterDepthMm, poisson);
};
/** How far a pane may bow before its seams open, mm. */
const bowAllowedMm = (spanMm: number, heightMm: number) =>
  Math.min(Math.min(spanMm, heightMm) / BOW.shareOfSpan, BOW.mostMm);

/**
 * How far a pane of a given thickness bows, in years, under a load that grows to its foot (source: timoshenko, ch. 5).
 * @param thicknessMm of the pane
 * @param pressing the load, as a share of what water as deep would press with
 */
export function paneUnder(input: PaneInput, thicknessMm: number, pressing: number) {
  const { poisson, bowElasticPa } = MATERIAL[input.material];
  const alpha = 12 * (1 - poisson ** 2) * plateOf(input).deflection;
  const [depth, t] = [input.waterDepthMm / 1000, thicknessMm / 1000];
  const bowM = (alpha * pressing * WATER_KG_PER_M3 * GRAVITY * depth ** 5) / (bowElasticPa * t ** 3);
  return { alpha, bowMm: bowM * 1000, allowedMm: bowAllowedMm(input.spanMm, input.paneHeightMm ?? input.waterDepthMm) };
}

/**
 * How thick a pane must be to hold water back: stress and bow of a thin plate under a load that grows to its foot.
 * Source: Timoshenko and Woinowsky-Krieger, ch. 5; see `plate.ts`. A glazier decides.
 * @param input depths and span in mm
 * @returns thickness wanted and the least stock one that holds, with its stress (MPa) and bow (mm)
 * @example
 * sizePane({ waterDepthMm: 300, spanMm: 900, edges: "topFree", material: "floatGlass" });
 * // { requiredMm: 7.23, chosenMm: 8, bowMm: 0.738, … }
 */
export function sizePane(input: PaneInput): PaneResult {
  const { waterDepthMm, spanMm, edges } = input;
  const heightMm = edges === "four" ? (input.paneHeightMm ?? waterDepthMm) : waterDepthMm;
  const { poisson, bowElasticPa, strengthPa, safety } = MATERIAL[input.material];
  const factor = input.safetyFactor ?? safety;
  const depth = waterDepthMm / 1000;
  const plate = plateOf(input);
  const beta = 6 * plate.moment;
  const alpha = 12 * (1 - poisson ** 2) * plate.deflection;
  const footPa = WATER_KG_PER_M3 * GRAVITY * depth;
  const stressPa = (t: number) => (beta * footPa * depth ** 2) / t ** 2;
  const bowM = (t: number) => (alpha * footPa * depth ** 4) / (bowElasticPa * t ** 3);
  const bowLimitM = bowAllowedMm(spanMm, heightMm) / 1000;
  const byStress = Math.sqrt((beta * footPa * depth ** 2 * factor) / strengthPa);
  const byBow = Math.cbrt((alpha * footPa * depth ** 4) / (bowElasticPa * bowLimitM));
  const requiredMm = Math.max(byStress, byBow) * 1000;
  const chosenMm = STOCK_MM.find((t) => atLeast(t, requiredMm)) ?? null;
  const ruled = byStress >= byBow ? "stress" : "bow";
  const coefficients = { beta: round(beta, 4), alpha: round(alpha, 4) };
  if (chosenMm === null)
    return {
      requiredMm: round(requiredMm, 2),
      chosenMm,
      stressMPa: null,
      bowMm: null,
      safetyFactorAtChosen: null,
      coefficients,
      withinScope: false,
      why: `${ruled} asks for ${requiredMm.toFixed(1)} mm, more than the thickest stock of ${STOCK_MM.at(-1)} mm: brace it, make it shorter, or ask a glazier`,
    };
  const t = chosenMm / 1000;
  const withinScope = bowM(t) <= t / 2;
  return {
    requiredMm: round(requiredMm, 2),
    chosenMm,
    stressMPa: round(stressPa(t) / 1e6, 3),
    bowMm: round(bowM(t) * 1000, 3),
    safetyFactorAtChosen: round(strengthPa / stressPa(t), 2),
    coefficients,
    withinScope,
    why: `${ruled} asks for ${requiredMm.toFixed(1)} mm; ${chosenMm} mm is the next in stock${withinScope ? "" : ", but it bows over half its thickness, beyond thin-plate theory"}. A glazier decides.`,
  };
}
