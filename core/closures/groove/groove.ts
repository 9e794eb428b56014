import { type Known, memory } from "../../figures/figure";
import { findMaterial, materialsOf } from "../../materials/find";
import type { Book, MaterialOf } from "../../materials/schema";

/** Figures of a groove profile's label. */
const GROOVE = "groove";
const DEPTH = "depth";
const WEB = "web";

/** A profile with one groove, as its label gives it, mm. */
export interface Groove {
  material: MaterialOf<"hardware">;
  grooveMm: number;
  depthMm: number;
  webMm: number;
}

/** Groove profiles of the book. */
export const groovesIn = (book: Book): MaterialOf<"hardware">[] =>
  materialsOf(book, "hardware").filter((m) => m.labelFigures[GROOVE] && m.labelFigures[DEPTH]);

/** A groove profile by its id; undefined for what has no groove on its label. */
export function grooveOf(book: Book, id: string): Groove | undefined {
  const material = findMaterial(book, id, "hardware");
  const groove = material?.labelFigures[GROOVE];
  const depth = material?.labelFigures[DEPTH];
  if (!material || !groove || !depth) return undefined;
  return { material, grooveMm: groove.value, depthMm: depth.value, webMm: material.labelFigures[WEB]?.value ?? 0 };
}

/** Left clear in the depth of each side groove, so that the pane runs. From memory. */
export const SIDE_PLAY_MM: Known = { value: 1.5, low: 1, high: 2, basis: memory };
/** Pushed to one side a pane still reaches this far into the groove it leaves (source: doors-and-gaps). */
export const HELD_MM = 3;

/** A pane in two side grooves. */
export interface Run {
  /** Of the pane, across the grooves. */
  acrossMm: number;
  /** How far it reaches into the groove it leaves, pushed to the other side. */
  heldMm: number;
  /** The pane loose in its groove. */
  looseMm: number;
}

/**
 * Sizes a pane that runs in a groove at each side of an opening (source: door-rules): opening − 2 × web − 2 × side play.
 * @param acrossMm the opening between the walls that carry the grooves
 * @param paneMm the pane's thickness
 */
export function runIn({ grooveMm, depthMm, webMm }: Groove, acrossMm: number, paneMm: number): Run {
  const play = SIDE_PLAY_MM.value;
  return {
    acrossMm: acrossMm - 2 * webMm - 2 * play,
    heldMm: depthMm - 2 * play,
    looseMm: grooveMm - paneMm,
  };
}
