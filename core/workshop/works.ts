import type { Known } from "../figures/figure";
import { RATES } from "./rates";

/** A kind of work whose minutes the builder's own log teaches: what it is called, and the rates it starts from. */
interface Work {
  name: string;
  /** What the starting minutes are made of, each with what it is of. */
  from: readonly { of: string; rate: Known }[];
}

const work = (name: string, ...from: readonly (readonly [of: string, rate: Known])[]): Work => ({
  name,
  from: from.map(([of, rate]) => ({ of, rate })),
});

/**
 * Kinds of work that steps are made of (source: rates-and-materials). A step says which it is; what its minutes really were
 * then tells how this builder's hand differs from the starting rates.
 */
export const WORKS = {
  saw: work("Sawing sheet", ["min a cut", RATES.cutEach], ["min a metre", RATES.cutPerMetre]),
  glassCut: work("Cutting glass", ["min a metre", RATES.cutGlassPerMetre]),
  drill: work("Drilling", ["min a hole", RATES.drillHole], ["min a hole saw", RATES.holeSaw]),
  plug: work("Plugging holes", ["min a hole", RATES.plugHole]),
  opening: work("Cutting openings", ["min an opening", RATES.cutOpening]),
  joint: work("Joining panels", ["min a metre", RATES.jointPerMetre]),
  edge: work("Dressing edges", ["min a metre", RATES.dressEdgePerMetre]),
  bead: work("Running beads", ["min a metre", RATES.beadPerMetre]),
  mask: work("Masking", ["min a metre", RATES.maskPerMetre]),
  mesh: work("Fitting mesh", ["min a panel", RATES.meshPanel]),
  key: work("Sanding to a key", ["min a m²", RATES.keyPerM2]),
  coat: work("Coating", ["min to set up", RATES.coatSetUp], ["min a m²", RATES.coatPerM2]),
  foam: work("Foaming", ["min a m²", RATES.foamPerM2]),
  carve: work("Carving", ["min a m² by hand", RATES.carvePerM2], ["min a m² by wire brush", RATES.brushPerM2]),
  barrier: work("Laying the barrier", ["min a m²", RATES.barrierPerM2]),
  substrate: work("Laying substrate", ["min a m²", RATES.groundPerM2]),
  plant: work("Planting", ["min a plant", RATES.plantEach]),
} as const satisfies Record<string, Work>;
export type WorkId = keyof typeof WORKS;
