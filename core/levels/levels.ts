/** Heights above the inside of the base, in millimetres: the one vertical stack every trade reads. */
export interface Levels {
  groundMm: number;
  /** Highest standing water planned, 0 for none. */
  waterMm: number;
  /** Where ground or water would run out: the dam's edge, or the rim. */
  damTopMm: number;
  /** The door opening's lower and upper edge; both the top where one reaches in from above. */
  openingLowMm: number;
  openingHighMm: number;
  topMm: number;
}

interface Heights {
  insideHeightMm: number;
  groundMm: number | undefined;
  waterMm: number | undefined;
  damMm: number;
  ventRailMm?: number;
  headRailMm?: number;
}

/** The vertical stack, from the design alone. */
export const stackLevels = (heights: Heights): Levels => ({
  groundMm: heights.groundMm ?? 0,
  waterMm: heights.waterMm ?? 0,
  damTopMm: heights.damMm,
  openingLowMm: heights.damMm + (heights.ventRailMm ?? 0),
  openingHighMm: heights.insideHeightMm - (heights.headRailMm ?? 0),
  topMm: heights.insideHeightMm,
});
