import { type Known, memory } from "../figures/figure";
import type { PumpFact } from "../fixtures/facts";
import type { Pump } from "../fixtures/pump";
import type { PoolHolds } from "../vessels/facts";
import { EVAPORATES_MM } from "../vessels/water";
import { flowAt, type Tube } from "./flow";
import type { Stream } from "./schema";

/** Minutes of flow that are on their way over stones and land. From memory. */
export const ON_ITS_WAY_MIN: Known = { value: 0.5, low: 0.2, high: 1.5, basis: memory };

/** A stream as it runs. */
export interface Running {
  /** At the lip, L/h; null while its pump's label is not typed. */
  litresPerHour: number | null;
  /** For each 100 mm of lip, L/min. */
  lip: number | null;
  /** What falls back when the pump stops, L. */
  backL: number;
  /** How far that raises the water, mm. */
  risesMm: number;
  /** Days until the pump draws air: likely, and at the most evaporation. */
  days: { likely: number; low: number; high: number };
  /** Lost in a week, L. */
  topUpL: number;
}

/** What its pump's label says, where it is known. */
export const pumpOf = ({ pump }: Pick<Stream, "pump">, pumps: readonly PumpFact[]): Pump | null =>
  pumps.find((p) => p.id === pump)?.label ?? null;

/** The tube its pump pushes through. */
export const tubeOf = ({ tubeBore, tubeLength }: Pick<Stream, "tubeBore" | "tubeLength">): Tube => ({
  boreMm: tubeBore.value,
  lengthMm: tubeLength.value,
});

/**
 * How a stream runs: flow at its lip, what falls back, and how long it lasts.
 * @param waterMm water line above the base
 * @param pump its pump's label; null while it is not known
 * @param holds the pools it runs from, taken together
 */
export function runningOf(stream: Stream, pump: Pump | null, waterMm: number, holds: readonly PoolHolds[]): Running {
  const tube = tubeOf(stream);
  const litresPerHour = pump && flowAt(pump, stream.lift.value, tube);
  const tubeL = ((Math.PI / 4) * tube.boreMm ** 2 * tube.lengthMm) / 1e6;
  const backL = stream.transit
    ? stream.transit.value / 1000
    : tubeL + ((litresPerHour ?? 0) / 60) * ON_ITS_WAY_MIN.value;
  const m2 = holds.reduce((sum, p) => sum + p.m2 + p.voidsM2, 0);
  const open = holds.reduce((sum, p) => sum + p.m2, 0);
  const dropMm = Math.max(0, waterMm - Math.max(stream.intake.value, stream.needs.value));
  const days = (mmADay: number) => dropMm / mmADay;
  return {
    litresPerHour,
    lip: litresPerHour === null ? null : litresPerHour / 60 / (stream.lip.value / 100),
    backL,
    risesMm: m2 > 0 ? backL / m2 : 0,
    days: { likely: days(EVAPORATES_MM.value), low: days(EVAPORATES_MM.high!), high: days(EVAPORATES_MM.low!) },
    topUpL: open * EVAPORATES_MM.value * 7,
  };
}
