import { memory } from "../../figures/figure";
import type { Pane } from "./schema";

/** The step that beds a pane. */
export const paneStepId = ({ id }: Pick<Pane, "id">): string => `windows/set/${id}`;

/** What a pane lies on its sheet all round at least, mm. */
export const LEAST_LAP = { value: 8, basis: memory } as const;

/** Outer size of a feature's pane, mm: what is on hand, or the opening and its lap. */
export function paneSize({ width, height, lap, onHand }: Pane): { widthMm: number; heightMm: number } {
  return onHand
    ? { widthMm: onHand.width.value, heightMm: onHand.height.value }
    : { widthMm: width.value + 2 * lap.value, heightMm: height.value + 2 * lap.value };
}

/** How far a pane lies past its opening on its wider side, mm; nought where it does not cover it. */
export function paneLapMm(pane: Pane): number {
  const { widthMm, heightMm } = paneSize(pane);
  return Math.max(0, (widthMm - pane.width.value) / 2, (heightMm - pane.height.value) / 2);
}
