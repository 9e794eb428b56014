import * as v from "valibot";
import { closureBase } from "../../core/closures/base/schema";
import { MeasureSchema } from "../../core/design/basics";
import { featureBase } from "../../core/features/base/schema";

/** A part of a variant that no real trade writes: a drip line so many millimetres long, or none. */
const DripLineSchema = v.nullable(v.object({ length: MeasureSchema }));
export type DripLine = v.InferOutput<typeof DripLineSchema>;

export const dripLineSchemas = {
  part: { dripLine: { schema: DripLineSchema, bare: (): DripLine => null } },
  events: [v.object({ kind: v.literal("drip-line-flushed") })],
};

/** A shelf through a face that no real kind of feature is. */
export const SlotShelfSchema = v.object({ ...featureBase, kind: v.literal("slotShelf"), width: MeasureSchema });
export type SlotShelf = v.InferOutput<typeof SlotShelfSchema>;

/** A blind before an opening that no real kind of closure is. */
export const BlindSchema = v.object({ ...closureBase, kind: v.literal("blind"), gap: MeasureSchema });
export type Blind = v.InferOutput<typeof BlindSchema>;
