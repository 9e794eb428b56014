import type { Measure } from "../../design/basics";
import { newVariant } from "../../design/create";
import type { Variant } from "../../design/schema";
import { kindOf } from "./index";

/** Puts a value at a JSON Pointer of a variant; its parents must be there. */
function put(variant: Variant, pointer: string, value: unknown): void {
  const keys = pointer.split("/").slice(1);
  const last = keys.pop()!;
  const parent = keys.reduce<unknown>((node, key) => (node as Record<string, unknown>)[key], variant);
  (parent as Record<string, unknown>)[last] = value;
}

/**
 * A variant begun from what a new build asks of its kind.
 * @param measures as many as the kind's `survey.first`, in its order
 */
export function beginVariant(kind: Variant["shell"]["kind"], measures: readonly Measure[]): Variant {
  const variant = newVariant(kind);
  kindOf({ kind }).survey.first.forEach(({ path }, i) => {
    const measure = measures[i];
    if (measure) put(variant, path, measure);
  });
  return variant;
}
