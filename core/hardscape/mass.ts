import { type Known, memory } from "../figures/figure";
import type { Piece } from "./schema";
import { shapeOf } from "./shapes/list";

/** Densities of pieces as they lie in a shop, kg/m³ (source: rates-and-materials, from memory). */
export const STUFF_DENSITY: Record<Piece["of"], Known> = {
  cork: { value: 200, low: 150, high: 260, basis: memory },
  wood: { value: 700, low: 500, high: 900, basis: memory },
  stone: { value: 2700, low: 900, high: 2800, basis: memory },
};
/** A hollow piece is a shell: half of the solid's mass. From memory. */
export const HOLLOW_SHARE: Known = { value: 0.5, low: 0.35, high: 0.7, basis: memory };

/** Kilograms with their span, as weighed or from the size. */
export interface Weight {
  kg: number;
  lowKg: number;
  highKg: number;
  weighed: boolean;
}

/** What a piece weighs. */
export function weightOf(piece: Piece): Weight {
  const { mass, of, hollow } = piece;
  if (mass) return { kg: mass.value, lowKg: mass.low ?? mass.value, highKg: mass.high ?? mass.value, weighed: true };
  const { value, low = value, high = value } = STUFF_DENSITY[of];
  const share = hollow ? HOLLOW_SHARE.value : 1;
  const m3 = shapeOf(piece).m3(piece) * share;
  return { kg: m3 * value, lowKg: m3 * low, highKg: m3 * high, weighed: false };
}
