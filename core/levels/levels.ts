import type { Variant } from "../design/schema";
import type { Size3 } from "../shell/box";

/** Heights above the inside of the base, in millimetres: the one vertical stack every trade reads. */
export interface Levels {
  groundMm: number;
  /** Highest standing water planned, 0 for none. */
  waterMm: number;
  damTopMm: number;
  /** The door opening's lower and upper edge. */
  openingLowMm: number;
  openingHighMm: number;
  topMm: number;
}

/** The vertical stack, from the design alone. */
export function stackLevels(variant: Variant, inside: Size3): Levels {
  const { dam, ventRail, headRail } = variant.shell.front;
  const damTopMm = dam?.value ?? 0;
  return {
    groundMm: variant.shell.groundDepth?.value ?? 0,
    waterMm: variant.seal.standingWater?.value ?? 0,
    damTopMm,
    openingLowMm: damTopMm + (ventRail?.value ?? 0),
    openingHighMm: inside.heightMm - (headRail?.value ?? 0),
    topMm: inside.heightMm,
  };
}
