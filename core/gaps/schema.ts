import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { FACES } from "../design/names";
import { SEATS } from "../escape/names";

/** A gap somebody measured that no survey asks for. */
const MeasuredGapSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the gap a name.")),
  kind: v.picklist(["slot", "round"]),
  /** What sort of place it is at: decides what closes it. */
  seat: v.picklist(SEATS),
  size: MeasureSchema,
  /** How much it moves, give or take; null for nothing. */
  tolerance: v.nullable(MeasureSchema),
  where: v.picklist(FACES),
  /** How long it is; null for a hole, or where nobody measured it. */
  length: v.nullable(MeasureSchema),
  /** Its middle above the base; null for half-way up. */
  height: v.nullable(MeasureSchema),
});
export type MeasuredGap = v.InferOutput<typeof MeasuredGapSchema>;

const GapsSchema = v.pipe(
  v.array(MeasuredGapSchema),
  v.maxLength(60, "At most 60 gaps."),
  v.check((list) => new Set(list.map((g) => g.id)).size === list.length, "Two gaps share an id."),
);

export const gapsSchemas = {
  part: { gaps: { schema: GapsSchema, bare: (): MeasuredGap[] => [] } },
  events: [],
};
