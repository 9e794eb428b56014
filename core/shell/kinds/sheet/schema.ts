import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { paneAndFloor } from "../../dam/schema";
import { FIXING_IDS } from "../../fixings/names";

/** A box of flat sheet, by the size wanted. */
export const SheetShellSchema = v.object({
  kind: v.literal("sheet"),
  size: v.object({
    given: v.picklist(["inside", "outside"]),
    /** `frontEdge`: depth runs to the front edge of the sides; `behindFront`: to the inner face of dam and rails. */
    depthTo: v.picklist(["frontEdge", "behindFront"]),
    width: MeasureSchema,
    depth: MeasureSchema,
    height: MeasureSchema,
  }),
  material: id,
  joints: v.object({
    box: v.picklist(["topBaseOver", "sidesFull"]),
    back: v.picklist(["overlaid", "inset", "rabbeted"]),
    rabbetDepth: MeasureSchema,
    fixing: v.picklist(FIXING_IDS),
    /** What lies in a joint that is bedded; nothing for what its way of joining leaves. */
    bed: v.exactOptional(v.nullable(MeasureSchema)),
    screwSpacing: MeasureSchema,
  }),
  front: v.object({
    dam: v.nullable(MeasureSchema),
    ventRail: v.nullable(MeasureSchema),
    headRail: v.nullable(MeasureSchema),
    stile: v.nullable(MeasureSchema),
  }),
  ...paneAndFloor,
  topLoadKg: MeasureSchema,
  groundDepth: v.nullable(MeasureSchema),
});
export type SheetShell = v.InferOutput<typeof SheetShellSchema>;
