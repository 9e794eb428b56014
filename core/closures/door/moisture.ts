/**
 * The moisture wood comes to in air, % of its dry mass, by Hailwood and Horrobin's equation, its figures from memory
 * (source: wood-moisture).
 * @param rh relative humidity, %
 * @param tempC °C
 * @example
 * Math.round(10 * woodMoisturePercent(65, 20)) / 10; // 12
 */
export function woodMoisturePercent(rh: number, tempC: number): number {
  const h = Math.min(100, Math.max(0, rh)) / 100;
  const w = 349 + 1.29 * tempC + 0.0135 * tempC ** 2;
  const k = 0.805 + 0.000736 * tempC - 0.00000273 * tempC ** 2;
  const k1 = 6.27 - 0.00938 * tempC - 0.000303 * tempC ** 2;
  const k2 = 1.91 + 0.0407 * tempC - 0.000293 * tempC ** 2;
  const kh = k * h;
  const first = kh / (1 - kh);
  const second = (k1 * kh + 2 * k1 * k2 * kh ** 2) / (1 + k1 * kh + k1 * k2 * kh ** 2);
  return (1800 / w) * (first + second);
}
