import * as v from "valibot";
import { id, type Measure, MeasureSchema, text } from "../design/basics";
import { MIX_PARTS } from "../materials/names";
import { BARRIERS, DRAIN_BODIES, OUTLETS } from "./names";

/** A pool on the floor; its water stands at the seal's standing water. `u`, `v` are its middle from the left and the front. */
export const PoolSchema = v.object({
  u: MeasureSchema,
  v: MeasureSchema,
  width: MeasureSchema,
  length: MeasureSchema,
  /** The divider that keeps its water from the land; null where both share one level. */
  divider: v.nullable(id),
  wayOut: v.picklist(["none", "ramp", "stones"]),
  /** The ramp's slope, degrees. */
  ramp: MeasureSchema,
});

export const PlantSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the plant a name.")),
  count: v.pipe(v.number(), v.integer("Whole plants only."), v.minValue(1, "At least one."), v.maxValue(200)),
  pot: MeasureSchema,
  /** Grown up. */
  height: MeasureSchema,
  spread: MeasureSchema,
  /** A planter's id, or `ground`. */
  where: id,
  live: v.boolean(),
  toxic: v.boolean(),
});
export type Plant = v.InferOutput<typeof PlantSchema>;

export const GroundSchema = v.object({
  /** The ground's top at the front; null for level ground. At the back it is the shell's ground depth. */
  front: v.nullable(MeasureSchema),
  drain: v.nullable(v.object({ body: v.picklist(DRAIN_BODIES), depth: MeasureSchema })),
  barrier: v.nullable(v.object({ kind: v.picklist(BARRIERS), curl: MeasureSchema })),
  charcoal: v.nullable(MeasureSchema),
  mix: v.object({
    /** `parts` are by volume and need not sum to anything; `percent` must sum to 100. */
    unit: v.picklist(["parts", "percent"]),
    parts: v.pipe(
      v.array(v.object({ what: v.picklist(MIX_PARTS), amount: MeasureSchema })),
      v.maxLength(MIX_PARTS.length),
      v.check((list) => new Set(list.map((p) => p.what)).size === list.length, "Each part stands once in a mix."),
    ),
  }),
  /** Leaf litter on top; null for none. */
  litter: v.nullable(MeasureSchema),
  /** Misted in a day, mL; null while not known. */
  misting: v.nullable(MeasureSchema),
  /** Of a hundred parts misted, how many leave with the air; null for the usual. */
  lost: v.nullable(MeasureSchema),
  outlet: v.picklist(OUTLETS),
  pool: v.nullable(PoolSchema),
  /** A dish: how much it holds, mL, and whether moss or ground touches its rim. */
  dish: v.nullable(v.object({ volume: MeasureSchema, wicked: v.boolean() })),
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
  ...{ front: null, drain: null, barrier: null, charcoal: null, litter: null, misting: null, lost: null },
  mix: { unit: "parts", parts: [] },
  outlet: "none",
  ...{ pool: null, dish: null, plants: [] },
  quarantineDays: stated(30),
  roots: "strip",
  wild: "bought",
  crew: "before",
  settleWeeks: stated(0),
});

export const groundSchemas = { part: { ground: { schema: GroundSchema, bare: bareGround } }, events: [] };
