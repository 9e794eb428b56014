/**
 * How much more one part grows than another over the room's span of temperature: |α₁ − α₂|·L·ΔT, mm.
 * @param lengthMm the length both share
 * @param perK1 first coefficient of expansion, 1/K
 * @param perK2 second coefficient, 1/K
 * @param spanK warmest less coolest, K
 */
export const differentialGrowthMm = (lengthMm: number, perK1: number, perK2: number, spanK: number): number =>
  Math.abs(perK1 - perK2) * lengthMm * Math.max(0, spanK);
