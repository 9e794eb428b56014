import * as v from "valibot";
import { MeasureSchema } from "../../design/basics";
import { PORT_USES } from "../../design/names";
import { featureBase } from "../base/schema";

/** A round hole for something that passes the wall; `gap` is what is left open round it, at the widest. */
export const PortSchema = v.object({
  ...featureBase,
  kind: v.literal("port"),
  use: v.picklist(PORT_USES),
  /** The hole; for a tube the tube's outside, which is the short way of the oval it needs. */
  bore: MeasureSchema,
  gap: MeasureSchema,
  /** Where the tube goes: its own bore, how far it climbs over which run, and its tightest bend. */
  tube: v.nullable(
    v.object({ bore: MeasureSchema, rise: MeasureSchema, run: MeasureSchema, bendRadius: MeasureSchema }),
  ),
});

export type Port = v.InferOutput<typeof PortSchema>;
