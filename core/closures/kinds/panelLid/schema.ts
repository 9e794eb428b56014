import * as v from "valibot";
import { closureBase } from "../../base/schema";
import { leafBase } from "../../leaf/schema";

/** A sheet that lies in the opening above, with a window of mesh in its middle. */
export const PanelLidSchema = v.object({
  ...closureBase,
  kind: v.literal("panelLid"),
  ...leafBase,
  /** Blocks under its rim keep it in the middle. */
  centred: v.boolean(),
});
export type PanelLid = v.InferOutput<typeof PanelLidSchema>;
