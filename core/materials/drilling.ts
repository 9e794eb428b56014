/** Brittle plastic keeps so many hole diameters from a hole's middle to the edge, and one between two: trade practice (source: cutting). */
const EDGE_DIAMETERS = 1.5;
const APART_DIAMETERS = 1;

/** Least sheet left from a hole's own edge to the sheet's, mm. */
export const holeEdgeMm = (diaMm: number): number => (EDGE_DIAMETERS - 0.5) * diaMm;
/** Least sheet left between two holes, mm. */
export const holeApartMm = (diaMm: number): number => APART_DIAMETERS * diaMm;

export const HOLE_REASON =
  "One and a half hole diameters from centre to edge keep brittle plastic from splitting (trade practice, no source).";
