import { type Known, label, memory } from "../figures/figure";
import { Z95 } from "../sure/z95";

/** How far a cheap gauge is off, as its label says: 5 to 95 of a hundred lie within. */
export const OFF_K: Known = { value: 1, basis: label };
export const OFF_RH: Known = { value: 5, basis: label };
/** It drifts by so much in a week, % rh. From memory. */
const DRIFT_RH: Known = { value: 0, low: -1.5, high: 1.5, basis: memory };
/** And is so many hours late. From memory. */
const LATE_H: Known = { value: 0.15, low: 0.05, high: 0.45, basis: memory };

/** A gauge that shows so much damp may stand for more: it says nothing then, % rh. From memory. */
export const FULL_RH: Known = { value: 98.5, basis: memory };

/** What a gauge does to the air it reads. */
export interface Instrument {
  offK: number;
  offRh: number;
  driftRhPerWeek: number;
  lateH: number;
}

/** How far off its label allows it to be. */
export interface GaugeLabel {
  k: number;
  rh: number;
}

/** Its four unknowns by their places in a list of standard deviations. */
export const INSTRUMENT_UNKNOWNS = 4;

/** A gauge by its unknowns. @param z in standard deviations: warmth, damp, drift, lag */
export const instrumentAt = ([k, rh, drift, late]: readonly number[], label: GaugeLabel): Instrument => ({
  offK: (k! / Z95) * label.k,
  offRh: (rh! / Z95) * label.rh,
  driftRhPerWeek: (drift! / Z95) * DRIFT_RH.high!,
  lateH: LATE_H.value * (LATE_H.high! / LATE_H.value) ** (late! / Z95),
});

const HOURS_A_WEEK = 168;

/** Hourly means as a gauge tells them: each is in part what the hour before was, the first by itself. */
export function asTold(
  { tempC, rh }: { tempC: readonly number[]; rh: readonly number[] },
  { offK, offRh, driftRhPerWeek, lateH }: Instrument,
): { tempC: number[]; rh: number[] } {
  const late = Math.min(1, lateH);
  const delayed = (list: readonly number[], h: number) => (1 - late) * list[h]! + late * list[Math.max(0, h - 1)]!;
  return {
    tempC: tempC.map((_, h) => delayed(tempC, h) + offK),
    // Drift is counted from the middle, so that it does not stand in for being off.
    rh: rh.map((_, h) => delayed(rh, h) + offRh + (driftRhPerWeek * (h - rh.length / 2)) / HOURS_A_WEEK),
  };
}
