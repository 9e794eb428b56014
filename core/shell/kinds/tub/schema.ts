import * as v from "valibot";
import { MeasureSchema, text } from "../../../design/basics";
import { FoundHolesSchema } from "../../found/schema";
import { everyShell } from "../parts/schema";

/** A plastic tub whose walls taper, with its lid. All sizes are inside ones. */
export const TubShellSchema = v.object({
  kind: v.literal("tub"),
  found: v.object({
    rimLength: MeasureSchema,
    rimWidth: MeasureSchema,
    footLength: MeasureSchema,
    footWidth: MeasureSchema,
    height: MeasureSchema,
    wall: MeasureSchema,
    cornerRadius: MeasureSchema,
    plastic: v.picklist(["pp", "pe", "ps"]),
    clear: v.boolean(),
    /** What the label says it holds, in mL. */
    claim: v.nullable(MeasureSchema),
    /** The lid over its rim, outside; null while not measured. */
    lidLength: v.nullable(MeasureSchema),
    lidWidth: v.nullable(MeasureSchema),
    lidGap: MeasureSchema,
    /** Holes somebody drilled before. */
    holes: FoundHolesSchema,
    catches: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(12)),
    note: v.optional(text(500), ""),
  }),
  ...everyShell,
});
export type TubShell = v.InferOutput<typeof TubShellSchema>;
