import * as v from "valibot";
import { id, MeasureSchema, origin, text } from "../design/basics";

/** A box on the floor that what must be reached stands in: its outside, what it is made of, and the ways into it. */
export const BoxSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the box a name.")),
  origin,
  face: v.literal("base"),
  u: MeasureSchema,
  v: MeasureSchema,
  width: MeasureSchema,
  length: MeasureSchema,
  /** From the base; null for flush under the lid. */
  height: v.nullable(MeasureSchema),
  of: v.picklist(["twinWall", "acrylic", "glass"]),
  /** The material of the book its sides are cut from; null while nobody said. */
  material: v.nullable(id),
  held: v.picklist(["hotGlue", "silicone"]),
  /** Mesh over the way in for water at its foot, and how high that is; null for none. */
  foot: v.nullable(v.object({ mesh: id, height: MeasureSchema })),
  /** The hole its hose or cable leaves by; null for none. */
  hose: v.nullable(MeasureSchema),
  /** A cover that lifts, one that is glued, or none. */
  cover: v.picklist(["lifts", "glued", "none"]),
});
export type ServiceBox = v.InferOutput<typeof BoxSchema>;

const BoxesSchema = v.pipe(
  v.array(BoxSchema),
  v.maxLength(8, "At most eight boxes."),
  v.check((list) => new Set(list.map((b) => b.id)).size === list.length, "Two boxes share an id."),
);

export const boxesSchemas = { part: { boxes: { schema: BoxesSchema, bare: (): ServiceBox[] => [] } }, events: [] };
