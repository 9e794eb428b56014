import { ceil } from "../units/tolerance";

/** First and last screw sit this far from a joint's ends, so that the sheet's edge does not split (trade practice, no source), mm. */
const END_DISTANCE_MM = 50;

/** Screws along a joint, evenly and no further apart than the spacing; two on a short one, none under 60 mm. */
export function screwsAlong(lengthMm: number, spacingMm: number): number {
  if (lengthMm < 60) return 0;
  if (lengthMm < 2 * END_DISTANCE_MM + 50) return 2;
  return ceil((lengthMm - 2 * END_DISTANCE_MM) / spacingMm) + 1;
}
