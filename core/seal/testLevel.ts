import type { Levels } from "../levels/levels";

/** The test is filled this far over the working line, but never over the dam (source: sealing). */
export const TEST_OVER_MM = 20;

/** The highest water stands as planned: the water line, or the drain layer once it is full. */
export const workingMm = ({ waterMm, drainMm }: Pick<Levels, "waterMm" | "drainMm">): number =>
  Math.max(waterMm, drainMm);

/** How high the water test is filled, mm above the base, and whether the dam capped it; without a dam it is what it will be. */
export function testLevel(levels: Pick<Levels, "waterMm" | "drainMm" | "damTopMm">): {
  levelMm: number;
  capped: boolean;
} {
  const wantedMm = workingMm(levels) + TEST_OVER_MM;
  const { damTopMm } = levels;
  return damTopMm > 0 && wantedMm > damTopMm
    ? { levelMm: damTopMm, capped: true }
    : { levelMm: wantedMm, capped: false };
}
