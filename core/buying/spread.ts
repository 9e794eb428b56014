import { atLeast } from "../units/tolerance";

/** Standard normal quantile of 95 %; a stated range is the 5–95 % span (source: buying-odds). */
const Z95 = 1.6448536269514722;
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
function sigma({ likely, low, high }: Need): number {
  if (low > 0 && high > low) return Math.log(high / low) / (2 * Z95);
  return low === high && likely === low ? 0 : Math.log(SINGLE_SPREAD) / Z95;
}

/** The amount that is enough nine times in ten. */
export const safeNeed = (need: Need): number => (need.likely <= 0 ? 0 : need.likely * Math.exp(Z90 * sigma(need)));

/** Normal distribution function; Abramowitz & Stegun 26.2.17, error under 7.5e-8. */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
  return z >= 0 ? 1 - tail : tail;
}

/** Odds, 0–1, that an amount is enough for a lognormal need. */
export function oddsEnough(need: Need, amount: number): number {
  if (need.likely <= 0) return 1;
  if (amount <= 0) return 0;
  const spread = sigma(need);
  if (spread === 0) return atLeast(amount, need.likely) ? 1 : 0;
  return normalCdf(Math.log(amount / need.likely) / spread);
}
