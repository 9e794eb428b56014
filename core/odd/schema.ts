import * as v from "valibot";
import { finite, id, MeasureSchema, text } from "../design/basics";

/** Corners cut out of a part at right angles: one, both of one long side, or all four. */
export const CornersSchema = v.object({
  count: v.picklist([1, 2, 4]),
  /** What is cut out, along the part's length and along its width. */
  length: MeasureSchema,
  width: MeasureSchema,
});

/** A part beside the shell's own, cut from the same sheets. */
export const OddPartSchema = v.object({
  id,
  label: v.pipe(text(60), v.nonEmpty("Give the part a name.")),
  material: id,
  length: MeasureSchema,
  width: MeasureSchema,
  qty: v.pipe(finite, v.integer("A whole number of pieces."), v.minValue(1, "At least one."), v.maxValue(1000)),
  /** True when `length` must lie along the sheet's length. */
  grainLocked: v.boolean(),
  corners: v.optional(CornersSchema),
});

export type OddPart = v.InferOutput<typeof OddPartSchema>;

export const oddSchemas = {
  part: {
    oddParts: {
      schema: v.pipe(v.array(OddPartSchema), v.maxLength(1000, "At most 1000 kinds of odd parts.")),
      bare: (): OddPart[] => [],
    },
  },
  events: [],
};
