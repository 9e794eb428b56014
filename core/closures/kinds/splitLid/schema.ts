import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";
import { HingesSchema, leafBase } from "../../leaf/schema";

/** A lid in two: the back bedded on its rim, the front hinged to it. */
export const SplitLidSchema = v.object({
  ...closureBase,
  kind: v.literal("splitLid"),
  ...leafBase,
  hinges: HingesSchema,
  /** How much of the opening the hinged half closes, from the front. */
  flap: MeasureSchema,
});
export type SplitLid = v.InferOutput<typeof SplitLidSchema>;
