import type { Levels } from "../levels/levels";

/** The test is filled this far over the working line, but never over the dam (source: sealing). */
export const TEST_OVER_MM = 20;

/** How high the water test is filled, mm above the base, and whether the dam capped it. */
export function testLevel({ waterMm, damTopMm }: Levels): { levelMm: number; capped: boolean } {
  const wantedMm = waterMm + TEST_OVER_MM;
  return wantedMm > damTopMm ? { levelMm: damTopMm, capped: true } : { levelMm: wantedMm, capped: false };
}
