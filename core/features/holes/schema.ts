import * as v from "valibot";
import { id, MeasureSchema } from "../../design/basics";
import { count, featureBase } from "../base/schema";

export const HolesSchema = v.object({
  ...featureBase,
  kind: v.literal("holes"),
  pattern: v.picklist(["square", "staggered"]),
  holeDia: MeasureSchema,
  pitch: MeasureSchema,
  columns: count,
  rows: count,
  mesh: v.nullable(id),
});

export type Holes = v.InferOutput<typeof HolesSchema>;
