import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { everyShell } from "../parts";

/** A round tub with a poured floor and a tube port. All sizes are inside ones. */
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
  /** A tube through the wall to a second box. */
  tube: v.nullable(
    v.object({
      outer: MeasureSchema,
      bore: MeasureSchema,
      /** Middle of the hole above the base. */
      height: MeasureSchema,
      /** How far the tube climbs, and over which run, to the other box. */
      rise: MeasureSchema,
      run: MeasureSchema,
      bendRadius: MeasureSchema,
    }),
  ),
  ...everyShell,
});
export type RoundTubShell = v.InferOutput<typeof RoundTubShellSchema>;
