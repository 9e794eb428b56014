import * as v from "valibot";
import { id, MeasureSchema } from "../../design/basics";
import { featureBase } from "../base/schema";

/** A pane over an opening of its own: cut to measure, or one that is on hand already. */
export const PaneSchema = v.object({
  ...featureBase,
  kind: v.literal("pane"),
  width: MeasureSchema,
  height: MeasureSchema,
  glass: id,
  /** How far the pane lies on the sheet all round, where it is cut to measure. */
  lap: MeasureSchema,
  onHand: v.nullable(v.object({ width: MeasureSchema, height: MeasureSchema })),
});

export type Pane = v.InferOutput<typeof PaneSchema>;
