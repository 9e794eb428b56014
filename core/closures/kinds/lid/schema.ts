import * as v from "valibot";
import { finite, MeasureSchema } from "../../../design/basics";
import { lock } from "../../lock/schema";

/** A lid made for a shell that is open above: a screen frame or a panel on the rim, held by clips. */
export const LidSchema = v.object({
  kind: v.literal("lid"),
  /** Widest gap at the rim with the lid on. */
  gap: MeasureSchema,
  clips: v.pipe(finite, v.integer(), v.minValue(0), v.maxValue(40)),
  lock,
});
