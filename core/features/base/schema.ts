import * as v from "valibot";
import { fate, id, MeasureSchema, origin, text } from "../../design/basics";
import { FACES } from "../../design/names";
import { holeAndPatch } from "../../shell/found/schema";

/** `u`, `v` are the centre, from the inside front left bottom corner: left/right (y, z), back/front (x, z), top/base (x, y). */
export const featureBase = {
  id,
  face: v.picklist(FACES),
  name: text(80),
  u: MeasureSchema,
  v: MeasureSchema,
  /** One that came with the shell is aired through, audited and drawn, and never cut. */
  origin,
  fate,
};
/**
 * The mesh over what air passes: a material of the book, or null where it stands open. Found mesh shares its feature's fate;
 * a hole in it may be patched.
 */
export const meshOver = { mesh: v.nullable(id), meshOrigin: origin, ...holeAndPatch };
