import * as v from "valibot";

/** A gap tried with a gauge that must not pass. */
export const GapTriedSchema = v.object({
  kind: v.literal("gap-tried"),
  /** The way out by its id, and the gauge it was tried with. */
  way: v.pipe(v.string(), v.nonEmpty(), v.maxLength(120)),
  gaugeMm: v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(500)),
  passed: v.boolean(),
});
