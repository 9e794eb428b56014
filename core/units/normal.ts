/** Normal distribution function; Abramowitz & Stegun 26.2.17, error under 7.5e-8. */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
  return z >= 0 ? 1 - tail : tail;
}
/** Standard normal quantile of 95 %: a stated range is the 5–95 % span (Abramowitz & Stegun, table 26.1). */
export const Z95 = 1.6448536269514722;
