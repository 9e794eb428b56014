import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";

/** A lid that slides in grooves along both sides and the back. */
export const SlidingLidSchema = v.object({
  ...closureBase,
  kind: v.literal("slidingLid"),
  groove: id,
  /** Glass or sheet of the book. */
  pane: id,
  /** Clear before it, shut. */
  front: MeasureSchema,
});
export type SlidingLid = v.InferOutput<typeof SlidingLidSchema>;
