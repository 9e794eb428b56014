import * as v from "valibot";
import { closureBase } from "../../base/schema";
import { leafBase } from "../../leaf/schema";

/** A panel that stands on its foot in the opening and is lifted out. */
export const LiftOutSchema = v.object({
  ...closureBase,
  kind: v.literal("liftOut"),
  ...leafBase,
  /** Pegs or blocks keep it in the middle. */
  centred: v.boolean(),
});
export type LiftOut = v.InferOutput<typeof LiftOutSchema>;
