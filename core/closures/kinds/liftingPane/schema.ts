import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";

/** A pane that is lifted out of two side grooves. */
export const LiftingPaneSchema = v.object({
  ...closureBase,
  kind: v.literal("liftingPane"),
  groove: id,
  /** Glass or sheet of the book. */
  pane: id,
  /** Clear over it. */
  head: MeasureSchema,
});
export type LiftingPane = v.InferOutput<typeof LiftingPaneSchema>;
