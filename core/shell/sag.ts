/**
 * Middle sag of a simply supported beam under an even load: 5·w·L⁴ / (384·E·I). Source: any strength-of-materials
 * textbook (e.g. Timoshenko, Strength of Materials, part 1).
 * @param loadNPerMm even load, N/mm
 * @param spanMm free span, mm
 * @param elasticMPa Young's modulus, MPa (N/mm²)
 * @param inertiaMm4 second moment of area about the bending axis, mm⁴
 * @returns sag at mid span, mm
 */
export function beamSagMm(loadNPerMm: number, spanMm: number, elasticMPa: number, inertiaMm4: number): number {
  return (5 * loadNPerMm * spanMm ** 4) / (384 * elasticMPa * inertiaMm4);
}

/** Second moment of a rectangle about its own middle, mm⁴: b·h³/12. */
export const rectangleInertiaMm4 = (widthMm: number, heightMm: number): number => (widthMm * heightMm ** 3) / 12;

/**
 * Second moment of a rail on edge glued under a sheet, acting as one (parallel-axis theorem), mm⁴.
 * @param rail thickness and height of the rail, mm
 * @param flange width of the sheet that works with the rail and its thickness, mm
 */
export function railWithFlangeInertiaMm4(
  rail: { thickMm: number; highMm: number },
  flange: { wideMm: number; thickMm: number },
): number {
  const railArea = rail.thickMm * rail.highMm;
  const flangeArea = flange.wideMm * flange.thickMm;
  const railMiddle = rail.highMm / 2;
  const flangeMiddle = rail.highMm + flange.thickMm / 2;
  const middle = (railArea * railMiddle + flangeArea * flangeMiddle) / (railArea + flangeArea);
  return (
    rectangleInertiaMm4(rail.thickMm, rail.highMm) +
    railArea * (middle - railMiddle) ** 2 +
    rectangleInertiaMm4(flange.wideMm, flange.thickMm) +
    flangeArea * (flangeMiddle - middle) ** 2
  );
}
