import * as v from "valibot";
import { MeasureSchema } from "../../design/basics";
import { KEEP_OUT_USES } from "../../design/names";
import { featureBase } from "../base/schema";

/** A part of a face where nothing else may go; nothing is cut. */
export const KeepOutSchema = v.object({
  ...featureBase,
  kind: v.literal("keepOut"),
  use: v.picklist(KEEP_OUT_USES),
  width: MeasureSchema,
  height: MeasureSchema,
  /** How far into the room nothing may come; null for the face alone. */
  deep: v.nullable(MeasureSchema),
});

export type KeepOut = v.InferOutput<typeof KeepOutSchema>;
