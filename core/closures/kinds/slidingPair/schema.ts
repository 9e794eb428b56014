import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";

export const SlidingPairSchema = v.object({
  kind: v.literal("slidingPair"),
  track: id,
  glass: id,
  overlap: MeasureSchema,
  sideAllowance: MeasureSchema,
  brushStrip: v.boolean(),
  lock: v.picklist(["none", "wedge", "key"]),
});

export type SlidingPair = v.InferOutput<typeof SlidingPairSchema>;
