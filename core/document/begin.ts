import type { Measure } from "../design/basics";
import { writeAt } from "../design/pointer";
import { kindOf } from "../shell/kinds/index";
import { newVariant } from "./create";
import type { Variant } from "./schema";

/**
 * A variant begun from what a new build asks of its kind.
 * @param measures as many as the kind's `survey.first`, in its order
 */
export function beginVariant(kind: Variant["shell"]["kind"], measures: readonly Measure[]): Variant {
  const variant = newVariant(kind);
  kindOf({ kind }).survey.first.forEach(({ path }, i) => {
    const measure = measures[i];
    if (measure) writeAt(variant, path, measure);
  });
  return variant;
}
