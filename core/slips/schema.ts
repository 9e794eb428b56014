import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { FACES } from "../design/names";

/** Slips or tiles of one size laid out on a face. */
export const SlipsSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give them a name.")),
  face: v.picklist(FACES),
  width: MeasureSchema,
  height: MeasureSchema,
  /** Joint wanted between them. */
  joint: MeasureSchema,
  /** Left free all round. */
  edge: MeasureSchema,
  /** How high above the face's foot they begin. */
  foot: MeasureSchema,
  bond: v.picklist(["stack", "running"]),
  /** Of a hundred, how many break. */
  breakagePercent: MeasureSchema,
  /** How many are on hand; null when as many are bought as it takes. */
  onHand: v.nullable(MeasureSchema),
  /** Pieces in a pack as sold, one where it is null; and what a pack costs, in the workshop's currency. */
  packOf: v.optional(v.nullable(MeasureSchema), null),
  packPrice: v.optional(v.nullable(MeasureSchema), null),
});

export type Slips = v.InferOutput<typeof SlipsSchema>;

export const slipsSchemas = {
  part: {
    slips: {
      schema: v.pipe(v.array(SlipsSchema), v.maxLength(12, "At most twelve fields of slips.")),
      bare: (): Slips[] => [],
    },
  },
  events: [],
};
