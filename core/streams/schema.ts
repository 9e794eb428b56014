import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";

/** Water that a pump lifts to a lip and that falls back: its tube, and where it runs. */
export const StreamSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give it a name.")),
  /** The pump, of the fixtures; null while there is none. */
  pump: v.nullable(id),
  tubeBore: MeasureSchema,
  tubeLength: MeasureSchema,
  /** The lip over the water line. */
  lift: MeasureSchema,
  /** How wide the lip is. */
  lip: MeasureSchema,
  /** The pump's intake above the base, and the water it needs over the base. */
  intake: MeasureSchema,
  needs: MeasureSchema,
  /** Millilitres that are on their way, over the lip and in the land; null to reckon them. */
  transit: v.nullable(MeasureSchema),
  /** The longest it is left alone, days. */
  awayDays: MeasureSchema,
});
export type Stream = v.InferOutput<typeof StreamSchema>;

const StreamsSchema = v.pipe(
  v.array(StreamSchema),
  v.maxLength(6, "At most six."),
  v.check((list) => new Set(list.map((s) => s.id)).size === list.length, "Two of them share an id."),
);

export const streamsSchemas = { part: { streams: { schema: StreamsSchema, bare: (): Stream[] => [] } }, events: [] };
