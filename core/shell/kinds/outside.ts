import type { Measure } from "../../design/basics";
import type { Checker } from "../../ledgers/checker";
import { SIZE_LIMIT_MM } from "../limits";
import type { Size3 } from "../size";

/**
 * Limits of a found box's outside, and of what its walls leave of it, each with the number that would be right.
 * @param leastMm the least it may have inside
 * @param again what is measured again where it does not add up: `the glass`
 */
export function checkOutside(
  found: Record<"width" | "depth" | "height", Measure>,
  inside: Size3,
  { leastMm, again }: { leastMm: number; again: string },
  { between, add, say }: Checker,
): void {
  for (const [key, words, mm] of [
    ["width", "Width", inside.widthMm],
    ["depth", "Depth", inside.depthMm],
    ["height", "Height", inside.heightMm],
  ] as const) {
    const path = `/shell/found/${key}`;
    between(path, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
    if (found[key].value >= SIZE_LIMIT_MM.low && mm < leastMm)
      add(
        path,
        `That leaves ${say(Math.max(0, mm))} inside. Type ${say(found[key].value + SIZE_LIMIT_MM.low - mm)} or more, or measure ${again} again.`,
      );
  }
}
