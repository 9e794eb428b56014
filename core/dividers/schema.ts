import * as v from "valibot";
import { id, MeasureSchema, origin, text } from "../design/basics";
import { DIVIDER_STUFFS, EDGES } from "./names";

/** One end: the edge of the floor it stands on, and how far along that from the left, or from the front. */
const EndSchema = v.object({ on: v.picklist(EDGES), at: MeasureSchema });
export type DividerEnd = v.InferOutput<typeof EndSchema>;

/** A layer of it; of which material of the book, null while nobody said. */
const SheetSchema = v.object({ id, of: v.picklist(DIVIDER_STUFFS), material: v.nullable(id) });
/** What a layer is cut from. */
export type DividerSheet = Pick<v.InferOutput<typeof SheetSchema>, "of" | "material">;

/** A wall across the floor, water on one side or both. */
export const DividerSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the divider a name.")),
  origin,
  /** Where its middle runs, from one end to the other; null while nobody said. */
  line: v.nullable(v.object({ from: EndSchema, to: EndSchema })),
  layers: v.pipe(
    v.array(SheetSchema),
    v.minLength(1, "A divider has a layer at least."),
    v.maxLength(4, "At most four."),
  ),
  height: MeasureSchema,
  /** It is to keep one side dry. */
  watertight: v.boolean(),
});
export type Divider = v.InferOutput<typeof DividerSchema>;

const DividersSchema = v.pipe(
  v.array(DividerSchema),
  v.maxLength(8, "At most eight dividers."),
  v.check((list) => new Set(list.map((d) => d.id)).size === list.length, "Two dividers share an id."),
);

export const dividersSchemas = {
  part: { dividers: { schema: DividersSchema, bare: (): Divider[] => [] } },
  events: [],
};
