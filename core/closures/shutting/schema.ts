import * as v from "valibot";

/** A door or lid pulled at after it was shut: whether its catches held. */
export const CatchTriedSchema = v.object({
  kind: v.literal("catch-tried"),
  /** The opening, by its id. */
  opening: v.pipe(v.string(), v.nonEmpty(), v.maxLength(60)),
  held: v.boolean(),
});
