import * as v from "valibot";
import { id, type Measure, MeasureSchema, text } from "../design/basics";
import { LayersSchema } from "./layers/schema";
import { OUTLETS, ROOTED } from "./names";

export const PlantSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the plant a name.")),
  count: v.pipe(v.number(), v.integer("Whole plants only."), v.minValue(1, "At least one."), v.maxValue(200)),
  pot: MeasureSchema,
  /** Grown up. */
  height: MeasureSchema,
  spread: MeasureSchema,
  /** `ground`, a wall by its name, or the id of a planter, slab, ledge or branch. */
  where: id,
  /** How it is held there. */
  by: v.picklist(ROOTED),
  live: v.boolean(),
  toxic: v.boolean(),
  /** Bought, or found and free. */
  got: v.picklist(["bought", "found"]),
});
export type Plant = v.InferOutput<typeof PlantSchema>;

export const GroundSchema = v.object({
  /** The ground's top at the front; null for level ground. At the back it is the shell's ground depth. */
  front: v.nullable(MeasureSchema),
  /** From the base up. */
  layers: LayersSchema,
  /** Misted in a day, mL; null while not known. */
  misting: v.nullable(MeasureSchema),
  /** Of a hundred parts misted, how many leave with the air; null for the usual. */
  lost: v.nullable(MeasureSchema),
  /** Water that the substrate holds as it is put in, mL; unknown until typed. */
  store: v.exactOptional(v.nullable(MeasureSchema)),
  outlet: v.picklist(OUTLETS),
  plants: v.pipe(v.array(PlantSchema), v.maxLength(60, "At most 60 kinds of plants.")),
  quarantineDays: MeasureSchema,
  roots: v.picklist(["strip", "keepSome", "leave"]),
  wild: v.picklist(["bought", "boiled", "asFound"]),
  crew: v.picklist(["before", "after", "none"]),
  settleWeeks: MeasureSchema,
});
export type Ground = v.InferOutput<typeof GroundSchema>;

const stated = (value: number): Measure => ({ typed: String(value), value, how: "stated" });

/** Ground before anything of it is decided. */
export const bareGround = (): Ground => ({
  ...{ front: null, layers: [], misting: null, lost: null },
  outlet: "none",
  plants: [],
  quarantineDays: stated(30),
  roots: "strip",
  wild: "bought",
  crew: "before",
  settleWeeks: stated(0),
});

export const groundSchemas = { part: { ground: { schema: GroundSchema, bare: bareGround } }, events: [] };
