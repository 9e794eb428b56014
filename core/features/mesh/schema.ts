import * as v from "valibot";
import { MeasureSchema } from "../../design/basics";
import { OPENING_SHAPES } from "../../design/names";
import { featureBase, meshOver } from "../base/schema";

/** One opening cut for air: a panel, a slot with round ends, or a round one as wide as it is high; behind mesh, or open. */
export const MeshPanelSchema = v.object({
  ...featureBase,
  kind: v.literal("mesh"),
  shape: v.picklist(OPENING_SHAPES),
  width: MeasureSchema,
  height: MeasureSchema,
  ...meshOver,
  lap: MeasureSchema,
});

export type MeshPanel = v.InferOutput<typeof MeshPanelSchema>;
