import * as v from "valibot";
import { id, origin, text } from "../design/basics";
import { CURE_IDS } from "./names";

/** What closes a gap: which way out, what is laid there, and whether it was there already. */
const CureSchema = v.object({
  id,
  /** The way out's own name in the plan. */
  way: text(120),
  kind: v.picklist(CURE_IDS),
  origin,
  /** Mesh of the book, where it is mesh. */
  mesh: v.nullable(id),
});
export type Cure = v.InferOutput<typeof CureSchema>;

const CuresSchema = v.pipe(
  v.array(CureSchema),
  v.maxLength(80, "At most 80 cures."),
  v.check((list) => new Set(list.map((c) => c.way)).size === list.length, "A gap has one cure."),
);

export const curesSchemas = { part: { cures: { schema: CuresSchema, bare: (): Cure[] => [] } }, events: [] };
