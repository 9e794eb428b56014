import * as v from "valibot";
import { id, MeasureSchema } from "../../design/basics";

/** A sheet laid over the base in one piece, its edges turned up the walls, its corners folded. */
export const LinerSchema = v.object({
  material: id,
  /** How far it goes up the walls; in front no higher than the dam. */
  upstand: MeasureSchema,
});
export type Liner = v.InferOutput<typeof LinerSchema>;
