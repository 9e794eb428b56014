import * as v from "valibot";
import { SlidingPairSchema } from "../slidingPair/schema";

/** One pane that slides behind a pane bedded in silicone, in the tracks of a pair. */
export const SliderAndPaneSchema = v.object({
  ...SlidingPairSchema.entries,
  kind: v.literal("sliderAndPane"),
  /** The side of the fixed pane, from outside. */
  fixed: v.picklist(["left", "right"]),
});
export type SliderAndPane = v.InferOutput<typeof SliderAndPaneSchema>;
