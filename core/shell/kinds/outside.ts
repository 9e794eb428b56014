import type { Measure } from "../../design/basics";
import type { FigureInput } from "../../figures/figure";
import type { Checker } from "../../ledgers/checker";
import { SIZE_LIMIT_MM } from "../limits";
import type { Size3 } from "../size";
import type { Survey, SurveyField } from "../survey";

/** A found box by its outside, as its document has it. */
type Outside = Record<"width" | "depth" | "height", Measure>;

const SIDES = [
  ["width", "Width"],
  ["depth", "Depth"],
  ["height", "Height"],
] as const;

/** What is asked of the outside first, each with an example. @param words added to each, as `, put up` */
export const outsideFirst = (examples: readonly [string, string, string], words = ""): Survey["first"] =>
  SIDES.map(([key, word], i) => ({
    ...{ path: `/shell/found/${key}`, label: `${word} outside${words}`, example: examples[i]! },
  }));

/** The outside in the survey, each with where its tape runs. */
export const outsideFields = (arrows: readonly [string, string, string]): SurveyField[] =>
  SIDES.map(([key, word], i) => ({
    ...{ path: `/shell/found/${key}`, label: `${word} outside`, ask: "length", arrow: arrows[i]! },
  }));

/** The outside in the working of a volume. */
export const outsideInputs = (found: Outside): FigureInput[] =>
  SIDES.map(([key]) => ({ name: `${key} outside`, value: found[key].value, unit: "mm" }));

/** The outside as a size, mm. */
export const outsideOf = ({ width, depth, height }: Outside): Size3 => ({
  ...{ widthMm: width.value, depthMm: depth.value, heightMm: height.value },
});

/**
 * Limits of a found box's outside, and of what its walls leave of it, each with the number that would be right.
 * @param leastMm the least it may have inside
 * @param again what is measured again where it does not add up: `the glass`
 */
export function checkOutside(
  found: Outside,
  inside: Size3,
  { leastMm, again }: { leastMm: number; again: string },
  { between, add, say }: Checker,
): void {
  for (const [key, words] of SIDES) {
    const mm = inside[`${key}Mm`];
    const path = `/shell/found/${key}`;
    between(path, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
    if (found[key].value >= SIZE_LIMIT_MM.low && mm < leastMm)
      add(
        path,
        `That leaves ${say(Math.max(0, mm))} inside. Type ${say(found[key].value + SIZE_LIMIT_MM.low - mm)} or more, or measure ${again} again.`,
      );
  }
}
