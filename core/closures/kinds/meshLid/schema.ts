import * as v from "valibot";
import { closureBase } from "../../base/schema";
import { leafBase } from "../../leaf/schema";

/** Mesh in a frame that lies in the opening above. */
export const MeshLidSchema = v.object({
  ...closureBase,
  kind: v.literal("meshLid"),
  ...leafBase,
  /** Blocks under its rim keep it in the middle. */
  centred: v.boolean(),
});
export type MeshLid = v.InferOutput<typeof MeshLidSchema>;
