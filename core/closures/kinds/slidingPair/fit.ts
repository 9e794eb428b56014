import { findMaterial } from "../../../materials/find";
import type { MaterialOf } from "../../../materials/schema";
import type { Rect } from "../../../shell/faces";
import type { Here } from "../../kind";
import type { SlidingPair } from "./schema";

/** A pane must still reach this far into the upper groove when it stands in the lower one (source: doors-and-gaps). */
export const HOLD_MM = 3;
/** And leave this much above when it is lifted over the lower lip. */
export const LIFT_MM = 2;
/** Above this one pane is cut from 6 mm glass (source: rates-and-materials). */
export const THIN_GLASS_M2 = 0.5;

export interface SlidingFit {
  /** Clear height between the tracks' lips, G. */
  clearMm: number;
  /** Least and most pane height: h ≥ G + d_b + 3, h ≤ G + d_t − 2. Nothing fits when least is over most. */
  leastPaneMm: number;
  mostPaneMm: number;
  pane: { widthMm: number; heightMm: number };
  liftsIn: boolean;
  /** How far the pane reaches into the upper groove. */
  holdMm: number;
  /** Gap between the panes: pitch − glass; at worst each pane loose to the far side of its groove. */
  gapMm: number;
  playEachMm: number;
}

/**
 * Sizes a pair of sliding panes on two tracks (source: doors-and-gaps).
 * @param opening the door opening between frame and rails, mm
 * @param overlapMm how far the panes pass one another when shut
 * @param sideAllowanceMm what each pane leaves at its own side
 */
export function fitSlides(
  opening: Pick<Rect, "widthMm" | "heightMm">,
  track: MaterialOf<"track">,
  glassMm: number,
  closure: Pick<SlidingPair, "overlap" | "sideAllowance">,
): SlidingFit {
  const bottomMm = track.bottomDepthMm.value;
  const topMm = track.topDepthMm.value;
  const clearMm = opening.heightMm - bottomMm - topMm - 2 * track.webMm.value;
  const leastPaneMm = clearMm + bottomMm + HOLD_MM;
  const mostPaneMm = clearMm + topMm - LIFT_MM;
  const heightMm = (leastPaneMm + mostPaneMm) / 2;
  return {
    clearMm,
    leastPaneMm,
    mostPaneMm,
    pane: {
      widthMm: opening.widthMm / 2 + closure.overlap.value / 2 - closure.sideAllowance.value,
      heightMm,
    },
    liftsIn: mostPaneMm >= leastPaneMm,
    holdMm: heightMm - clearMm - bottomMm,
    gapMm: track.pitchMm.value - glassMm,
    playEachMm: Math.max(0, (track.grooveMm.value - glassMm) / 2),
  };
}

/** A fit with the materials it was made for. */
export interface Slides {
  fit: SlidingFit;
  track: MaterialOf<"track">;
  glass: MaterialOf<"glass">;
}

/** The panes and tracks of a closure; the design must have passed `checkDesign` with the same book. */
export function measureSlides({ site, opening }: Pick<Here, "site" | "opening">, closure: SlidingPair): Slides {
  const track = findMaterial(site.book, closure.track, "track")!;
  const glass = findMaterial(site.book, closure.glass, "glass")!;
  return { track, glass, fit: fitSlides(opening, track, glass.thicknessMm, closure) };
}

/** Both panes, kg. */
export const panesKg = ({ fit, glass }: Pick<Slides, "fit" | "glass">): number =>
  (2 * fit.pane.widthMm * fit.pane.heightMm * glass.thicknessMm * glass.densityKgPerM3.value) / 1e9;
