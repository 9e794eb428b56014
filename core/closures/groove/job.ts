import { shellSheets } from "../../materials/board";
import { materialsOf } from "../../materials/find";
import type { Book } from "../../materials/schema";
import type { Here } from "../kind";
import { findInfill, type Infill } from "../leaf/stuff";
import type { Closure } from "../schema";
import { grooveOf, type Run, runIn } from "./groove";

/** A closure that is one pane in grooves along both sides and its far end. */
export interface Grooved {
  closure: Closure;
  groove: string;
  pane: string;
  /** Clear at the end it is drawn out by. */
  clearMm: number;
  /** Where that is typed, from the closure on. */
  clearPath: string;
  /** How it is told. */
  one: string;
  beside: string;
  /** The end in a groove, and the end it is drawn out by. */
  far: string;
  near: string;
  /** What it does: lifts, slides. */
  moves: "lifts" | "slides";
}

/** What one comes to: the pane across and along, and what holds it. */
export interface GroovedJob {
  of: Grooved;
  run: Run;
  alongMm: number;
  infill: Exclude<Infill, { class: "mesh" }>;
  groove: NonNullable<ReturnType<typeof grooveOf>>;
  kg: number;
}

/** Panes that can run in a groove: glass and sheet. */
export const runningPanes = (book: Book) => [...materialsOf(book, "glass"), ...shellSheets(book)];

/** Sizes it; the design must have passed `checkDesign` with the same book. */
export function measureGrooved({ site, opening }: Pick<Here, "site" | "opening">, of: Grooved): GroovedJob {
  const groove = grooveOf(site.book, of.groove)!;
  const infill = findInfill(site.book, of.pane) as GroovedJob["infill"];
  const run = runIn(groove, opening.widthMm, infill.thicknessMm);
  // It stands in the far groove, and stops short of the near end.
  const alongMm = opening.heightMm - groove.webMm - of.clearMm;
  const kg = (run.acrossMm * alongMm * infill.thicknessMm * infill.densityKgPerM3.value) / 1e9;
  return { of, run, alongMm, infill, groove, kg };
}
