import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { VESSEL_KINDS, VESSEL_STUFFS, WAYS_OUT } from "./names";

/** Its place on the base, by its middle from the left and the front, and what it takes there. */
const common = {
  id,
  name: v.pipe(text(60), v.nonEmpty("Give it a name.")),
  face: v.literal("base"),
  u: MeasureSchema,
  v: MeasureSchema,
  width: MeasureSchema,
  length: MeasureSchema,
  /** What falls in gets out by. */
  wayOut: v.picklist(WAYS_OUT),
  /** The ramp's slope, degrees. */
  ramp: MeasureSchema,
};

export const VesselSchema = v.variant("kind", [
  v.object({
    ...common,
    /** A pool on the floor; its water stands at the seal's standing water. */
    kind: v.literal("pool"),
    /** The part of the floor that is all of it (`core/dividers/zones.ts`); null where it lies in its own place. */
    zone: v.nullable(text(200)),
    /** In its own place: the divider that keeps its water from the land; null where both share one level. */
    divider: v.nullable(id),
  }),
  v.object({
    ...common,
    kind: v.picklist(VESSEL_KINDS),
    round: v.boolean(),
    /** How thick its wall and foot are. */
    wall: MeasureSchema,
    /** Inside, from its foot to its rim. */
    depth: MeasureSchema,
    /** How deep water stands in it. */
    filled: MeasureSchema,
    of: v.picklist(VESSEL_STUFFS),
    /** Coats of sealer inside; null for none. */
    coats: v.nullable(MeasureSchema),
    /** Its rim over the substrate. */
    rim: MeasureSchema,
    /** Moss or substrate touches its rim. */
    touches: v.boolean(),
    /** The whole animal goes in, not its tongue alone. */
    bathes: v.boolean(),
    /** Drunk from it in a day, mL; null to reckon it from who lives there. */
    drunk: v.nullable(MeasureSchema),
    /** The longest it is left alone, days. */
    awayDays: MeasureSchema,
  }),
]);
export type AnyVessel = v.InferOutput<typeof VesselSchema>;
export type Pool = Extract<AnyVessel, { kind: "pool" }>;
export type Vessel = Exclude<AnyVessel, Pool>;

const VesselsSchema = v.pipe(
  v.array(VesselSchema),
  v.maxLength(20, "At most twenty."),
  v.check((list) => new Set(list.map((x) => x.id)).size === list.length, "Two vessels share an id."),
);

export const vesselsSchemas = {
  part: { vessels: { schema: VesselsSchema, bare: (): AnyVessel[] => [] } },
  events: [],
};
