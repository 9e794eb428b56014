import * as v from "valibot";
import { fate, id, MeasureSchema, origin } from "../../design/basics";
import { LockSchema } from "../lock/schema";

/** What every closure has: the opening it closes, by that opening's id. */
export const closureBase = {
  id,
  opening: id,
  origin,
  fate,
  lock: LockSchema,
  /** What is clear where it opens to: before a front, over a top. Unknown until typed. */
  clearRoom: v.exactOptional(v.nullable(MeasureSchema)),
  /** The highest thing that stands under a lid, above the base. Unknown until typed. */
  standsUnder: v.exactOptional(v.nullable(MeasureSchema)),
};
