import type { Ground } from "../ground/schema";
import { type Stratum, strataOf } from "./strata";

/** Heights above the inside of the base, in millimetres: the one vertical stack every trade reads. */
export interface Levels {
  /** The ground's top where it is highest, at the back. */
  groundMm: number;
  /** And at the front. */
  groundFrontMm: number;
  /** The drain layer's top, 0 for none. */
  drainMm: number;
  /** What the ground is made of from the base up. */
  strata: Stratum[];
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
  /** The ground's top at the back. */
  groundMm: number | undefined;
  ground: Pick<Ground, "front" | "drain" | "charcoal">;
  waterMm: number | undefined;
  damMm: number;
  ventRailMm?: number;
  headRailMm?: number;
}

/** The vertical stack, from the design alone. */
export function stackLevels(heights: Heights): Levels {
  const strata = strataOf(heights.groundMm ?? 0, heights.ground);
  const top = strata.at(-1);
  return {
    groundMm: top?.backMm ?? 0,
    groundFrontMm: top?.frontMm ?? 0,
    drainMm: strata.find((s) => s.id === "drain")?.backMm ?? 0,
    strata,
    waterMm: heights.waterMm ?? 0,
    damTopMm: heights.damMm,
    openingLowMm: heights.damMm + (heights.ventRailMm ?? 0),
    openingHighMm: heights.insideHeightMm - (heights.headRailMm ?? 0),
    topMm: heights.insideHeightMm,
  };
}

/** Height of the ground a share of the way from front (0) to back (1). */
export const groundAtMm = ({ groundFrontMm, groundMm }: Pick<Levels, "groundMm" | "groundFrontMm">, share: number) =>
  groundFrontMm + (groundMm - groundFrontMm) * share;
