import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { everyShell } from "../parts/schema";

/** A round tub with a poured floor. All sizes are inside ones. */
export const RoundTubShellSchema = v.object({
  kind: v.literal("roundTub"),
  found: v.object({
    rimDiameter: MeasureSchema,
    footDiameter: MeasureSchema,
    height: MeasureSchema,
    wall: MeasureSchema,
    plastic: v.picklist(["pp", "pe", "ps", "acrylic"]),
    lidGap: MeasureSchema,
  }),
  /** Poured mineral floor. */
  floorDepth: v.nullable(MeasureSchema),
  ...everyShell,
});
export type RoundTubShell = v.InferOutput<typeof RoundTubShellSchema>;
