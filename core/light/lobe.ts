/** The exponent of a lobe cos^m whose strength is half at half the full angle, degrees (source: light). */
export const lobeOf = (beamDeg: number): number => Math.log(0.5) / Math.log(Math.cos((beamDeg * Math.PI) / 360));

/** Strength off the axis, as a share of that on it; nothing from a right angle on. */
export const offAxis = (m: number, cosGamma: number): number => (cosGamma > 0 ? cosGamma ** m : 0);

/** From so many times the face's width on, a lamp is a point. */
export const FAR_SOURCES = 5;

/**
 * Radiant heat on the axis, W/m²: a point's lobe from afar, an even disc's near it (source: light).
 * @param radiantW watts that leave within the lobe
 * @param rM distance, m
 * @param sourceM its bright face across, m
 * @returns the heat, and whether that is within the point's reach
 */
export function onAxisWPerM2(radiantW: number, m: number, rM: number, sourceM: number) {
  if (rM >= FAR_SOURCES * sourceM) return { wPerM2: (radiantW * (m + 1)) / (2 * Math.PI * rM ** 2), far: true };
  const disc = sourceM / 2;
  return {
    wPerM2: (radiantW / (Math.PI * disc ** 2)) * (1 - (1 + disc ** 2 / rM ** 2) ** (-(m + 1) / 2)),
    far: false,
  };
}
