/** A group of screws pulled out of wood. */
export interface WoodScrews {
  count: number;
  /** Outer diameter of the thread, and the length of it that is in the wood, mm. */
  diameterMm: number;
  threadedMm: number;
  /** Characteristic density of the wood, kg/m³; C24 is 350. */
  densityKgPerM3: number;
  /** Between screw and grain, degrees; 90 goes in across the grain. */
  angleDeg: number;
}

/** A screw is counted from this many diameters of thread in the wood. */
const LEAST_DIAMETERS = 6;
/** Into end grain nothing is counted. */
const END_GRAIN_DEG = 30;
/** What is left of a short test for a door that is opened each day. From memory. */
export const DAILY_SHARE = 1 / 3;

/**
 * What a group of screws holds against being pulled out of wood, N, characteristic (source: en-1995-1-1, 8.7.2, screws
 * of 6 to 12 mm; thinner ones are extrapolated). Nothing where the thread is too short or in end grain.
 * @example
 * const across = { count: 1, diameterMm: 4, threadedMm: 24, densityKgPerM3: 350, angleDeg: 90 };
 * Math.round(woodScrewsHoldN(across)); // 985
 */
export function woodScrewsHoldN({ count, diameterMm, threadedMm, densityKgPerM3, angleDeg }: WoodScrews): number {
  if (threadedMm < LEAST_DIAMETERS * diameterMm || angleDeg < END_GRAIN_DEG) return 0;
  const strength = 0.52 * diameterMm ** -0.5 * threadedMm ** -0.1 * densityKgPerM3 ** 0.8;
  const thin = Math.min(diameterMm / 8, 1);
  const angle = (angleDeg * Math.PI) / 180;
  const slope = 1.2 * Math.cos(angle) ** 2 + Math.sin(angle) ** 2;
  return (count ** 0.9 * strength * diameterMm * threadedMm * thin) / slope;
}
