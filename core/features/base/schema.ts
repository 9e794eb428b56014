import * as v from "valibot";
import { finite, id, MeasureSchema, origin, text } from "../../design/basics";
import { FACES } from "../../design/names";

/** `u`, `v` are the centre, from the inside front left bottom corner: left/right (y, z), back/front (x, z), top/base (x, y). */
export const featureBase = {
  id,
  face: v.picklist(FACES),
  name: text(80),
  u: MeasureSchema,
  v: MeasureSchema,
  /** One that came with the shell is aired through, audited and drawn, and never cut. */
  origin,
};
/** The mesh over what air passes: a material of the book, or null where it stands open. */
export const meshOver = { mesh: v.nullable(id), meshOrigin: origin };

export const count = v.pipe(
  finite,
  v.integer("Whole numbers only."),
  v.minValue(1, "At least one."),
  v.maxValue(200, "At most 200."),
);
