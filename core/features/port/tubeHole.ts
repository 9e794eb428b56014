/** Which way a tube passes: an upright wall, or a level base. */
export type Passed = "wall" | "base";

/**
 * The hole a round tube needs in what it passes at a slant: as wide as the tube, and tube ÷ sin(angle) long, the angle being
 * that between the tube and the wall, or between the tube and the base. Source: geometry of a cylinder cut by a plane.
 * @param outerMm outside of the tube
 * @param riseMm how far the tube climbs, or drops through a base
 * @param runMm over which level distance, square to an upright wall
 */
export function tubeHole(
  outerMm: number,
  riseMm: number,
  runMm: number,
  through: Passed = "wall",
): { longMm: number; slopeDegrees: number; angleDegrees: number } {
  const slope = Math.atan2(riseMm, runMm);
  const angle = through === "base" ? slope : Math.PI / 2 - slope;
  const degrees = (radians: number) => (radians * 180) / Math.PI;
  return { longMm: outerMm / Math.sin(angle), slopeDegrees: degrees(slope), angleDegrees: degrees(angle) };
}

/** Left free round a tube that passes under a base, and through the rim of what it stands on, mm (common practice). */
export const TUBE_CLEAR_MM = 2;

/**
 * Room a tube through the base wants under it, mm: it leaves at its slope and is bent level, so that its middle line drops by
 * r·(1 − cos slope) more, and the tube itself is under that.
 */
export function roomUnderMm(outerMm: number, riseMm: number, runMm: number, bendRadiusMm: number): number {
  const slope = Math.atan2(riseMm, runMm);
  return bendRadiusMm * (1 - Math.cos(slope)) + (outerMm / 2) * (1 + Math.cos(slope)) + TUBE_CLEAR_MM;
}
