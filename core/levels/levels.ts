import type { Ground } from "../ground/schema";
import { drainTopMm, liesIn, type Stratum, strataOf } from "./strata";

/** Heights above the inside of the base, in millimetres: the one vertical stack every trade reads. */
export interface Levels {
  /** How high the ground was typed to lie at the back, 0 for none. */
  typedMm: number;
  /** The ground's top where it is highest, at the back. */
  groundMm: number;
  /** And at the front. */
  groundFrontMm: number;
  /** The drain layer's top, 0 for none. */
  drainMm: number;
  /** The measure that sets it, in the variant; null without a drain layer. */
  drainPath: string | null;
  /** What the ground is made of from the base up; of land in several parts, where its drain layer is highest. */
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
  ground: Pick<Ground, "front" | "layers">;
  waterMm: number | undefined;
  damMm: number;
  ventRailMm?: number;
  headRailMm?: number;
}

/** The layers of each part of the land that has some of its own, after those of all of it. */
function partsOf(topMm: number, { front, layers }: Pick<Ground, "front" | "layers">): Stratum[][] {
  const top = { backMm: topMm, frontMm: front?.value ?? null };
  const zones = new Set(layers.flatMap(({ zone }) => (zone === null ? [] : [zone])));
  const own = (part: string | null) => layers.filter((l) => (part === null ? l.zone === null : liesIn(l, part)));
  return [null, ...zones].map((part) => strataOf(top, own(part)));
}

/** The vertical stack, from the design alone. */
export function stackLevels(heights: Heights): Levels {
  const parts = partsOf(heights.groundMm ?? 0, heights.ground);
  const strata = parts.reduce((best, next) => (drainTopMm(next) > drainTopMm(best) ? next : best));
  const topOf = (end: "frontMm" | "backMm") => Math.max(0, ...parts.map((p) => p.at(-1)?.[end] ?? 0));
  const drainMm = drainTopMm(strata);
  const topmost = strata.filter((s) => s.kind === "drain" && s.backMm <= drainMm).at(-1);
  const at = heights.ground.layers.findIndex((l) => l.id === topmost?.id);
  return {
    typedMm: heights.groundMm ?? 0,
    groundMm: topOf("backMm"),
    groundFrontMm: topOf("frontMm"),
    drainMm,
    drainPath: at < 0 ? null : `/ground/layers/${at}/depth`,
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
