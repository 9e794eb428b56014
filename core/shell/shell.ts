import type { Variant } from "../design/schema";
import { type Levels, stackLevels } from "../levels/levels";
import type { Book } from "../materials/schema";
import { type Box, measureBox } from "./box";
import type { Rect } from "./faces";
import { layFront, type Strip } from "./front";
import { type Joint, listJoints, listSeams, type Seam } from "./joints";
import { cutPanels, type Panel } from "./panels";

/** The shell as it will stand: what every trade reads. */
export interface Shell extends Box {
  panels: Panel[];
  strips: Strip[];
  opening: Rect;
  joints: Joint[];
  seams: Seam[];
  levels: Levels;
}

/** Design to shell. The design must have passed `checkDesign` with the same book. */
export function buildShell(variant: Variant, book: Book): Shell {
  const box = measureBox(variant, book);
  const levels = stackLevels(variant, box.inside);
  const { strips, opening } = layFront(variant, box.inside, levels);
  return {
    ...box,
    levels,
    strips,
    opening,
    panels: cutPanels(variant.shell, box, strips),
    joints: listJoints(variant.shell, box, strips),
    seams: listSeams(box, strips, levels),
  };
}
