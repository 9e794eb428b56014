import { expose } from "comlink";
import { gaugeCurves } from "#core/gauge/curves";
import { type Fit, type FitGiven, fitting } from "#core/gauge/fit";
import type { Instrument } from "#core/gauge/instrument";
import type { Unknown } from "#core/sure/unknowns";

const door = {
  /** Fits readings, and tells what is known after each pass. */
  async fit(given: FitGiven, tell: (fit: Fit) => Promise<void>): Promise<void> {
    for (const fit of fitting(given)) await tell(fit);
  },
  /** What the gauge was to tell: as designed, and as fitted where it was. */
  curves: (given: FitGiven, fit: { unknowns: Unknown[]; instrument: Instrument } | null) => gaugeCurves(given, fit),
};
export type GaugeDoor = typeof door;

expose(door);
