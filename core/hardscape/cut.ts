import type { Variant } from "../document/schema";
import type { Cut } from "../shell/section";
import type { Shell } from "../shell/shell";
import type { Point } from "../shell/space";
import { shapeOf } from "./shapes/list";

/** A piece as a section cuts it, in (across, up) mm. */
export interface HardscapeCut {
  id: string;
  kind: "piece" | "stone";
  points: Point[];
}

/**
 * Wood and stone on the floor where a section cuts them.
 * @param atMm where it is cut, from the left or from the front; the middle without
 */
export function cutHardscape(
  shell: Pick<Shell, "inside" | "levels">,
  { hardscape }: Pick<Variant, "hardscape">,
  cut: Cut,
  atMm?: number,
): HardscapeCut[] {
  const axis = cut === "frontBack" ? 1 : 0;
  const plane = atMm ?? (cut === "frontBack" ? shell.inside.widthMm : shell.inside.depthMm) / 2;
  return hardscape.flatMap((piece): HardscapeCut[] => {
    const points = shapeOf(piece).cut(piece, axis, plane, shell.levels.groundMm);
    return points ? [{ id: piece.id, kind: piece.of === "stone" ? "stone" : "piece", points }] : [];
  });
}
