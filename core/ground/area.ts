import type { Ground } from "./schema";

/** The floor as the ground sees it. */
export interface Floor {
  widthMm: number;
  depthMm: number;
  /** Whole floor, m². */
  wholeM2: number;
  /** Under water, m². */
  poolM2: number;
  /** Under ground, m². */
  landM2: number;
}

/** What the floor of a shell is: the tray's inside where there is one. */
interface Base {
  widthMm: number;
  depthMm: number;
  round: boolean;
}

/** Land and pool of a floor; a pool larger than the floor takes all of it. */
export function floorOf({ widthMm, depthMm, round }: Base, pool: Ground["pool"]): Floor {
  const wholeM2 = ((round ? Math.PI / 4 : 1) * widthMm * depthMm) / 1e6;
  const poolM2 = pool ? Math.min(wholeM2, (pool.width.value * pool.length.value) / 1e6) : 0;
  return { widthMm, depthMm, wholeM2, poolM2, landM2: wholeM2 - poolM2 };
}
