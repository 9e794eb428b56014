import { turnedTo } from "../sure/turn";
import type { Unknown } from "../sure/unknowns";
import type { FitGiven } from "./fit";
import { asTold, type Instrument } from "./instrument";
import { over } from "./week";

/** A stretch of hours of something, °C and % rh. */
export interface HourCurves {
  tempC: number[];
  rh: number[];
}

/** Steps of the model for a curve, s. */
const STEP_S = 120;

/**
 * What a gauge was to tell over its readings.
 * @param fit what was fitted; null while nothing was
 * @returns as designed, and as fitted with the gauge's own error
 */
export function gaugeCurves(
  { input, stretch }: Pick<FitGiven, "input" | "stretch">,
  fit: { unknowns: readonly Unknown[]; instrument: Instrument } | null,
): { before: HourCurves; after: HourCurves | null } {
  const coarse = { ...input, stepS: STEP_S };
  const before = over(coarse, stretch, (i) => i);
  if (!fit) return { before, after: null };
  const first = fit.unknowns.map((u) => ({ ...u, at: 0 }));
  const z = fit.unknowns.map((u) => u.at);
  return {
    before,
    after: asTold(
      over(coarse, stretch, (i) => turnedTo(i, first, z)),
      fit.instrument,
    ),
  };
}
