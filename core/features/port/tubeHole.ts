/**
 * The hole a round tube needs in a wall it meets at a slant: as wide as the tube, and tube ÷ sin(angle) long.
 * Source: geometry of a cylinder cut by a plane.
 * @param outerMm outside of the tube
 * @param riseMm how far the tube climbs
 * @param runMm over which level distance, square to an upright wall
 */
export function tubeHole(outerMm: number, riseMm: number, runMm: number): { longMm: number; slopeDegrees: number } {
  const slope = Math.atan2(riseMm, runMm);
  // The angle between the tube and an upright wall is what is left of a right angle.
  return { longMm: outerMm / Math.sin(Math.PI / 2 - slope), slopeDegrees: (slope * 180) / Math.PI };
}
