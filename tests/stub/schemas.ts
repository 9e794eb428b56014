import * as v from "valibot";
import { closureBase } from "../../core/closures/base/schema";
import { MeasureSchema } from "../../core/design/basics";
import { featureBase } from "../../core/features/base/schema";

/** A part of a variant that no real trade writes: a mist line so many millimetres long, or none. */
const MistLineSchema = v.nullable(v.object({ length: MeasureSchema }));
export type MistLine = v.InferOutput<typeof MistLineSchema>;

export const mistLineSchemas = {
  part: { mistLine: { schema: MistLineSchema, bare: (): MistLine => null } },
  events: [v.object({ kind: v.literal("mist-line-flushed") })],
};

/** A shelf through a face that no real kind of feature is. */
export const PerchShelfSchema = v.object({ ...featureBase, kind: v.literal("perchShelf"), width: MeasureSchema });
export type PerchShelf = v.InferOutput<typeof PerchShelfSchema>;

/** A curtain before an opening that no real kind of closure is. */
export const CurtainSchema = v.object({ ...closureBase, kind: v.literal("curtain"), gap: MeasureSchema });
export type Curtain = v.InferOutput<typeof CurtainSchema>;
