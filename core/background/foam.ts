import type { Known } from "../figures/figure";
import { memory, practice } from "../figures/figure";
import { materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { ceil } from "../units/tolerance";
import type { Cover } from "./cover";
import type { Wall } from "./schema";

/** A lift at most this thick once risen, mm; thicker stays wet inside and caves (source: walls). */
export const LIFT_MM: Known = { value: 40, low: 25, high: 40, basis: memory };
/** The next lift once this one has tacked, minutes. */
export const TACK_MINUTES: Known = { value: 30, low: 20, high: 30, basis: practice };
/** Carving after this, minutes. */
export const CARVE_MINUTES: Known = { value: 1440, basis: practice };

/** Share of what is foamed that is carved away again, by how it is put on (docs/trade-coverage.md, A12). */
export const CARVED_AWAY: Record<Wall["apply"], Known> = {
  sparing: { value: 0.15, low: 0.1, high: 0.2, basis: memory },
  usual: { value: 0.25, low: 0.15, high: 0.35, basis: memory },
  over: { value: 0.4, low: 0.3, high: 0.5, basis: memory },
};

/** Foam of a wall that is made of board inside: the board's own thickness is no foam. */
export const PANEL_CORE_MM = 20;

/** Foam a wall takes as it stands finished, mL; 0 for what is not foamed. */
export function foamMl({ wall, volumeMl, m2 }: Cover): number {
  if (wall.buildUp === "foam") return volumeMl;
  // m² × mm = litres.
  return wall.buildUp === "panels" ? Math.max(0, volumeMl - m2 * PANEL_CORE_MM * 1000) : 0;
}

/** How many lifts a wall is foamed in. */
export function liftsOf({ wall, peakMm }: Pick<Cover, "wall" | "peakMm">): number {
  const core = wall.buildUp === "panels" ? PANEL_CORE_MM : 0;
  return Math.max(1, ceil((peakMm - core) / Math.max(5, wall.lift.value)));
}

/** The book's foam of a grade. */
export const foamOf = (site: Site, grade: Wall["foam"]) =>
  materialsOf(site.book, "foam").find((f) => f.grade === grade);

/** Yield and duds where the book holds no foam: what is started from (source: rates-and-materials). */
const STARTING = {
  mlPerGram: { value: 25, low: 15, high: 35, basis: practice } satisfies Known,
  duds: { value: 0.05, low: 0.01, high: 0.15, basis: memory } satisfies Known,
};

/** Foam to buy, grams in the can. */
export interface FoamNeed {
  grams: number;
  lowGrams: number;
  highGrams: number;
  mlPerGram: Known;
  duds: Known;
  /** What is foamed over what stands in the end, against the usual way. */
  factor: number;
}

/**
 * Grams of foam for a volume as it stands finished. The yield was reckoned from finished walls, so that usual carving is
 * in it; other ways of putting it on are scaled by what they leave.
 */
export function foamNeed(site: Site, grade: Wall["foam"], apply: Wall["apply"], volumeMl: number): FoamNeed {
  const { mlPerGram, duds } = foamOf(site, grade) ?? STARTING;
  const factor = (1 - CARVED_AWAY.usual.value) / (1 - CARVED_AWAY[apply].value);
  const need = (per: number, dud: number) => ((volumeMl * factor) / per) * (1 / (1 - dud));
  return {
    grams: need(mlPerGram.value, duds.value),
    lowGrams: need(mlPerGram.high ?? mlPerGram.value, duds.low ?? duds.value),
    highGrams: need(mlPerGram.low ?? mlPerGram.value, duds.high ?? duds.value),
    ...{ mlPerGram, duds, factor },
  };
}
