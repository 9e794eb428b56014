import type { Variant } from "../document/schema";
import type { Book } from "../materials/schema";
import type { Shell } from "../shell/shell";
import type { Taking } from "../shell/taking";
import { boxHighMm, boxRect, boxWallsM2 } from "./sizes";

/** In substrate a box takes all it stands on; in open water, which fills it too, its own sides alone. */
export const boxesTake = (
  shell: Shell,
  { boxes }: Pick<Variant, "boxes">,
  book: Book,
  inWater: (box: { uMm: number; vMm: number }) => boolean,
): Taking[] =>
  boxes.map((box): Taking => {
    const rect = boxRect(box);
    const wet = box.foot !== null && inWater({ uMm: box.u.value, vMm: box.v.value });
    return {
      ...{ rect, fromMm: 0, toMm: boxHighMm(shell, box) },
      m2: wet ? boxWallsM2(shell, book, box) : (rect.widthMm * rect.heightMm) / 1e6,
    };
  });
