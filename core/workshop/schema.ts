import * as v from "valibot";

const clock = v.pipe(v.string(), v.regex(/^([01]\d|2[0-3]):[0-5]\d$/, "Type a time such as 18:30."));
const span = v.pipe(
  v.object({ from: clock, to: clock }),
  v.check((s) => s.from < s.to, "The end must be after the start."),
);
const finite = v.pipe(v.number(), v.finite());

/** The builder's own hours, tools and money. */
export const WorkshopSchema = v.object({
  name: v.pipe(v.string(), v.nonEmpty("Give the workshop a name."), v.maxLength(80)),
  currency: v.pipe(v.string(), v.regex(/^[A-Z]{3}$/, "Three capital letters, such as EUR.")),
  /** Seven entries, Monday first: when there are hands. */
  hours: v.pipe(v.array(v.array(span)), v.length(7)),
  kerfMm: v.pipe(
    finite,
    v.minValue(0, "A kerf cannot be less than zero."),
    v.maxValue(10, "A kerf over 10 mm is no saw."),
  ),
  trimMm: v.pipe(finite, v.minValue(0), v.maxValue(50)),
  /** What panels are cut with: it says how settings are told. */
  saw: v.optional(v.picklist(["table", "guide", "hand"]), "table"),
  /** From a guide's edge to the near side of the blade of the saw that runs along it. */
  guideOffsetMm: v.optional(
    v.pipe(finite, v.minValue(0), v.maxValue(500, "A saw's foot is less than 500 mm wide.")),
    0,
  ),
  /** Smallest side of an offcut worth keeping. */
  offcutMinSideMm: v.pipe(finite, v.minValue(10), v.maxValue(1000)),
  glassLeadDays: v.pipe(finite, v.integer(), v.minValue(0), v.maxValue(90)),
  /** What a kilowatt hour costs, in minor units of the currency and parts of them; null while nobody has said. */
  kWhPriceMinor: v.optional(
    v.nullable(v.pipe(finite, v.minValue(0), v.maxValue(100_000, "A kilowatt hour costs less than that."))),
    null,
  ),
});
export type Workshop = v.InferOutput<typeof WorkshopSchema>;
