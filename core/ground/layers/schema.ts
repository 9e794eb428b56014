import * as v from "valibot";
import { id, MeasureSchema, text } from "../../design/basics";
import { MIX_PARTS } from "../../materials/names";
import { BARRIERS, DRAIN_BODIES } from "../names";

/** What every layer has: where of the floor it lies; null for all the land. Otherwise a part of it (`core/dividers/zones.ts`). */
const common = { id, zone: v.nullable(text(200)) };
/** How deep it lies; null for what fills up to the substrate's top. */
const fills = v.nullable(MeasureSchema);

/** A part of a mix that the book does not know: the builder names it. */
const OwnPartSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the part a name.")),
  amount: MeasureSchema,
  /** As it lies, wet, kg/m³; null while nobody weighed it. */
  wetKgPerM3: v.nullable(MeasureSchema),
  /** Litres that one litre, as bought, swells to; null for one that does not. */
  swells: v.nullable(MeasureSchema),
});
export type OwnPart = v.InferOutput<typeof OwnPartSchema>;
/** Files from before there were any have none. */
const OwnPartsSchema = v.optional(
  v.pipe(
    v.array(OwnPartSchema),
    v.maxLength(12, "At most twelve parts of your own."),
    v.check((list) => new Set(list.map((p) => p.id)).size === list.length, "Two parts share an id."),
  ),
  [],
);

/** What a mix is of. */
const mixed = {
  /** `parts` are by volume and need not sum to anything; `percent` must sum to 100. */
  unit: v.picklist(["parts", "percent"]),
  parts: v.pipe(
    v.array(v.object({ what: v.picklist(MIX_PARTS), amount: MeasureSchema })),
    v.maxLength(MIX_PARTS.length),
    v.check((list) => new Set(list.map((p) => p.what)).size === list.length, "Each part stands once in a mix."),
  ),
  own: OwnPartsSchema,
};
export const RecipeSchema = v.object(mixed);
/** A mix's parts and what they are told in. */
export type Recipe = v.InferOutput<typeof RecipeSchema>;

export const LayerSchema = v.variant("kind", [
  v.object({ ...common, kind: v.literal("drain"), body: v.picklist(DRAIN_BODIES), depth: MeasureSchema }),
  v.object({ ...common, kind: v.literal("barrier"), cloth: v.picklist(BARRIERS), curl: MeasureSchema }),
  v.object({ ...common, kind: v.literal("charcoal"), depth: MeasureSchema }),
  v.object({
    ...common,
    kind: v.literal("mix"),
    depth: fills,
    ...mixed,
  }),
  v.object({
    ...common,
    kind: v.literal("bagged"),
    depth: fills,
    name: v.pipe(text(60), v.nonEmpty("Give the bag a name.")),
    /** Litres in a bag, as its label says. */
    bag: MeasureSchema,
  }),
  v.object({ ...common, kind: v.literal("sand"), depth: fills }),
  v.object({ ...common, kind: v.literal("moss"), depth: MeasureSchema }),
  v.object({ ...common, kind: v.literal("leaves"), depth: MeasureSchema }),
]);
export type Layer = v.InferOutput<typeof LayerSchema>;
export type LayerKindId = Layer["kind"];
export type LayerOf<K extends LayerKindId> = Extract<Layer, { kind: K }>;

export const LayersSchema = v.pipe(
  v.array(LayerSchema),
  v.maxLength(30, "At most thirty layers."),
  v.check((list) => new Set(list.map((l) => l.id)).size === list.length, "Two layers share an id."),
);
