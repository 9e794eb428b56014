import { quantileSorted } from "simple-statistics";
import { Z95 } from "./z95";

/** From 5 to 95 of a hundred, by the hour. */
export interface HourBand {
  low: number[];
  high: number[];
}

/**
 * Between what nine of ten draws lie, by the hour.
 * @param draws hourly lists, one a draw
 * @param wanders what no draw has, as a standard deviation: it widens both sides
 */
export function bandOf(draws: readonly (readonly number[])[], wanders = 0): HourBand {
  const hours = draws[0]?.length ?? 0;
  const band: HourBand = { low: [], high: [] };
  for (let h = 0; h < hours; h++) {
    const sorted = draws.map((d) => d[h]!).sort((a, b) => a - b);
    const middle = quantileSorted(sorted, 0.5);
    const wider = (end: number) => Math.hypot(quantileSorted(sorted, end) - middle, Z95 * wanders);
    band.low.push(middle - wider(0.05));
    band.high.push(middle + wider(0.95));
  }
  return band;
}
