import * as v from "valibot";
import { finite, id, MeasureSchema, text } from "../../design/basics";
import { FACES } from "../../design/names";

/** `u`, `v` are the centre, from the inside front left bottom corner: left/right (y, z), back/front (x, z), top/base (x, y). */
export const featureBase = { id, face: v.picklist(FACES), name: text(80), u: MeasureSchema, v: MeasureSchema };

export const count = v.pipe(
  finite,
  v.integer("Whole numbers only."),
  v.minValue(1, "At least one."),
  v.maxValue(200, "At most 200."),
);
