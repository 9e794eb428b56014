import * as v from "valibot";
import { count, MeasureSchema } from "../../design/basics";
import { featureBase, meshOver } from "../base/schema";

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
