import { normalCdf, Z95 } from "../units/normal";
import { atLeast } from "../units/tolerance";

/** A single figure is taken ×/÷ this (source: buying-odds, from memory). */
const SINGLE_SPREAD = 1.25;
/** Standard normal quantile of 90 %, the safe count. */
const Z90 = 1.2815515655446004;

export interface Need {
  likely: number;
  low: number;
  high: number;
}

/** σ of ln(need) for a lognormal need whose 5–95 % span is low–high. */
export function sigma({ likely, low, high }: Need): number {
  if (low > 0 && high > low) return Math.log(high / low) / (2 * Z95);
  return low === high && likely === low ? 0 : Math.log(SINGLE_SPREAD) / Z95;
}

/** The amount that is enough nine times in ten. */
export const safeNeed = (need: Need): number => (need.likely <= 0 ? 0 : need.likely * Math.exp(Z90 * sigma(need)));

/** Odds, 0–1, that an amount is enough for a lognormal need. */
export function oddsEnough(need: Need, amount: number): number {
  if (need.likely <= 0) return 1;
  if (amount <= 0) return 0;
  const spread = sigma(need);
  if (spread === 0) return atLeast(amount, need.likely) ? 1 : 0;
  return normalCdf(Math.log(amount / need.likely) / spread);
}
