import * as v from "valibot";
import { MeasureSchema } from "../../design/basics";
import { count, featureBase, meshOver } from "../base/schema";

export const HolesSchema = v.object({
  ...featureBase,
  kind: v.literal("holes"),
  pattern: v.picklist(["square", "staggered"]),
  holeDia: MeasureSchema,
  pitch: MeasureSchema,
  columns: count,
  rows: count,
  ...meshOver,
});

export type Holes = v.InferOutput<typeof HolesSchema>;
