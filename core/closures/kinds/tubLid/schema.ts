import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";

/** The lid a tub came with, cut for mesh and held by catches. */
export const TubLidSchema = v.object({
  ...closureBase,
  kind: v.literal("tubLid"),
  mesh: id,
  width: MeasureSchema,
  height: MeasureSchema,
  lap: MeasureSchema,
  /** A catch each side, and a strap over the whole where that is not enough. */
  catch: id,
  strap: v.boolean(),
});
export type TubLid = v.InferOutput<typeof TubLidSchema>;
