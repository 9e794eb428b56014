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
  /** A mound on it, shaped as a dome: how high, and how wide at its foot; no height for none. */
  mound: v.object({ height: v.nullable(MeasureSchema), across: MeasureSchema }),
  /** A ring or legs it stands on, so that a tube may leave through its base: how high. */
  riser: v.nullable(MeasureSchema),
  ...everyShell,
});
export type RoundTubShell = v.InferOutput<typeof RoundTubShellSchema>;
