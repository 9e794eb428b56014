/** Cross-section of a bead tooled hollow into a right corner, per leg²: 1 − π/4, about 0.215 (geometry). */
export const HOLLOW_SHARE = 1 - Math.PI / 4;
/** Depth of a hollow bead from its face to the corner, per leg: √2 − 1 (geometry). */
export const HOLLOW_DEPTH = Math.SQRT2 - 1;

/** Volume of a hollow, quarter-circle fillet, mL. @param legMm leg of the bead, mm @param lengthMm its length, mm */
export const filletMl = (legMm: number, lengthMm: number): number => (HOLLOW_SHARE * legMm ** 2 * lengthMm) / 1000;
