import * as v from "valibot";
import { closureBase } from "../../base/schema";
import { HingesSchema, leafBase } from "../../leaf/schema";

/** One or two leaves on hinges at the sides of an opening. */
export const HingedSchema = v.object({
  ...closureBase,
  kind: v.literal("hinged"),
  leaves: v.picklist([1, 2]),
  /** The side one leaf hangs on, seen from outside. */
  hang: v.picklist(["left", "right"]),
  ...leafBase,
  hinges: HingesSchema,
});
export type Hinged = v.InferOutput<typeof HingedSchema>;
