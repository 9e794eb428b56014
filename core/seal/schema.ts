import * as v from "valibot";
import { id, type Measure, MeasureSchema, text } from "../design/basics";
import { FACES, LAYER_IDS, SAFETY_SPLITS } from "../design/names";
import { LinerSchema } from "./liner/schema";
import { TestEventSchema } from "./test/schema";

/** One layer of a face's stack. */
export const LayerSchema = v.object({
  id,
  layer: v.picklist(LAYER_IDS),
  /** How many coats; null for what is usual. */
  coats: v.nullable(MeasureSchema),
  /** The fibre in it is damp when it goes on. */
  damp: v.boolean(),
});

export type Layer = v.InferOutput<typeof LayerSchema>;

export const SealSchema = v.object({
  sealant: id,
  leg: MeasureSchema,
  seams: v.picklist(["none", "base", "all"]),
  standingWater: v.nullable(MeasureSchema),
  /** Nothing until one is laid. */
  liner: v.exactOptional(v.nullable(LinerSchema)),
  airingDays: MeasureSchema,
  /** What each face is given, from the wall outwards; a face without is left as it is. */
  stacks: v.pipe(
    v.array(v.object({ face: v.picklist(FACES), layers: v.pipe(v.array(LayerSchema), v.maxLength(20)) })),
    v.maxLength(FACES.length),
    v.check((list) => new Set(list.map((s) => s.face)).size === list.length, "A face has one stack."),
  ),
  /** What the builder decided where careful builders differ and safety hangs on it, and why. */
  decisions: v.array(v.object({ split: v.picklist(SAFETY_SPLITS), school: text(80), reason: text(500) })),
});
export type Seal = v.InferOutput<typeof SealSchema>;

const stated = (value: number): Measure => ({ typed: String(value), value, how: "stated" });

/** A seal before anything is put on any face, or decided. */
export const bareSeal = (): Seal => ({
  sealant: "silicone-neutral",
  leg: stated(6),
  seams: "all",
  standingWater: null,
  airingDays: stated(7),
  ...{ stacks: [], decisions: [] },
});

export const sealSchemas = { part: { seal: { schema: SealSchema, bare: bareSeal } }, events: [TestEventSchema] };
