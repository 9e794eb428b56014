import { studentT } from "./student";

/** A reading: hours after any start, and millimetres. */
export interface Point {
  hours: number;
  mm: number;
}

/** A slope with how sure it is. */
export interface Slope {
  /** Loss, mm a day: minus the line's slope. */
  mmPerDay: number;
  /** Its standard error, mm a day. */
  error: number;
  /** Degrees of freedom; infinite where the known reading error is the larger. */
  freedom: number;
  /** The line at hour 0, mm. */
  startMm: number;
  /** Spread of the residuals, mm; 0 for two readings. */
  spreadMm: number;
  /** By how much residuals that run on one side widen the error; 1 where they do not. */
  run: number;
}

/** Readings from which a run of residuals on one side counts. */
const ENOUGH_FOR_RUNS = 8;

/** Correlation of each residual with the next. */
function lagOne(residuals: readonly number[]): number {
  const squares = residuals.reduce((sum, r) => sum + r * r, 0);
  return squares === 0 ? 0 : residuals.slice(1).reduce((sum, r, i) => sum + r * residuals[i]!, 0) / squares;
}

/**
 * A straight line through readings by ordinary least squares, and how sure its slope is: the larger of what the residuals
 * and what the reading error say, wider where residuals run on one side (source: water-test).
 * @param points two or more, at different hours
 * @param readingErrorMm one standard deviation of a reading
 */
export function fitSlope(points: readonly Point[], readingErrorMm: number): Slope {
  const n = points.length;
  const meanHours = points.reduce((sum, p) => sum + p.hours, 0) / n;
  const meanMm = points.reduce((sum, p) => sum + p.mm, 0) / n;
  const sxx = points.reduce((sum, p) => sum + (p.hours - meanHours) ** 2, 0);
  const sxy = points.reduce((sum, p) => sum + (p.hours - meanHours) * (p.mm - meanMm), 0);
  const slope = sxy / sxx;
  const startMm = meanMm - slope * meanHours;
  const residuals = points.map((p) => p.mm - startMm - slope * p.hours);
  const spreadMm = n > 2 ? Math.sqrt(residuals.reduce((sum, r) => sum + r * r, 0) / (n - 2)) : 0;
  const r = n >= ENOUGH_FOR_RUNS ? Math.max(0, Math.min(0.95, lagOne(residuals))) : 0;
  const run = Math.sqrt((1 + r) / (1 - r));
  return {
    mmPerDay: -24 * slope,
    ...slopeError(
      points.map((p) => p.hours),
      { spreadMm, run },
      readingErrorMm,
    ),
    startMm,
    spreadMm,
    run,
  };
}

/**
 * How sure the slope of readings at these hours is, where they scatter about their line as given: of readings made, or of
 * ones to come.
 * @param hours of the readings
 * @param readingErrorMm one standard deviation of a reading
 */
export function slopeError(
  hours: readonly number[],
  { spreadMm, run }: Pick<Slope, "spreadMm" | "run">,
  readingErrorMm: number,
): { error: number; freedom: number } {
  const mean = hours.reduce((a, b) => a + b, 0) / hours.length;
  const sxx = hours.reduce((sum, h) => sum + (h - mean) ** 2, 0);
  return {
    error: (24 * run * Math.max(spreadMm, readingErrorMm)) / Math.sqrt(sxx),
    freedom: spreadMm > readingErrorMm ? hours.length - 2 : Number.POSITIVE_INFINITY,
  };
}

/** Independent errors together, with degrees of freedom by Welch (1947) and Satterthwaite (1946). */
export function together(parts: readonly { error: number; freedom: number }[]): { error: number; freedom: number } {
  const variance = parts.reduce((sum, p) => sum + p.error ** 2, 0);
  const below = parts.reduce((sum, p) => sum + (Number.isFinite(p.freedom) ? p.error ** 4 / p.freedom : 0), 0);
  return { error: Math.sqrt(variance), freedom: below === 0 ? Number.POSITIVE_INFINITY : variance ** 2 / below };
}

/** Half a 95 % interval. */
export const halfWidth = ({ error, freedom }: { error: number; freedom: number }): number => error * studentT(freedom);
