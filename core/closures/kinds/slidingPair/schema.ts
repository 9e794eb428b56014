import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";

/** Two panes that pass one another in tracks. */
export const SlidingPairSchema = v.object({
  ...closureBase,
  kind: v.literal("slidingPair"),
  track: id,
  glass: id,
  overlap: MeasureSchema,
  sideAllowance: MeasureSchema,
  brushStrip: v.boolean(),
});
export type SlidingPair = v.InferOutput<typeof SlidingPairSchema>;
