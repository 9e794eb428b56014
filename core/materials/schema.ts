import * as v from "valibot";
import { LAYER_IDS } from "../design/names";
import { CLOTH_FORMS, FILL_FORMS } from "./names";

const finite = v.pipe(v.number(), v.finite());
const positive = v.pipe(finite, v.minValue(0));
const id = v.pipe(v.string(), v.regex(/^[a-z0-9][a-z0-9-]{0,63}$/));

const basis = v.variant("kind", [
  v.object({ kind: v.literal("published"), source: v.string() }),
  v.object({ kind: v.picklist(["practice", "label", "memory"]) }),
  v.object({ kind: v.literal("log"), entries: v.pipe(finite, v.integer()) }),
]);
const known = v.object({ value: finite, low: v.optional(finite), high: v.optional(finite), basis });

/** A pack as it is sold. `content` is in the class's own unit; a price is integer minor units, null while unknown. */
const pack = v.object({
  id,
  name: v.string(),
  content: positive,
  priceMinor: v.nullable(v.pipe(finite, v.integer(), v.minValue(0))),
});
const common = { id, name: v.pipe(v.string(), v.maxLength(120)), note: v.string() };

const sheet = v.object({
  ...common,
  class: v.literal("sheet"),
  /** No shell is made of `xps`, foam board for backgrounds; `ps` is clear polystyrene. */
  plastic: v.picklist(["pvcFoam", "plywood", "hdpe", "xps", "acrylic", "polycarbonate", "ps", "twinWall"]),
  thicknessMm: positive,
  densityKgPerM3: known,
  elasticGPa: known,
  creepFactor: known,
  growthPerK: known,
  grained: v.boolean(),
  /** What a cut takes of it where that is a knife's, mm; the saw's where nothing is said. */
  kerfMm: v.optional(known),
  stock: v.array(v.object({ ...pack.entries, widthMm: positive, heightMm: positive })),
});
const glass = v.object({
  ...common,
  class: v.literal("glass"),
  thicknessMm: positive,
  thicknessToleranceMm: known,
  densityKgPerM3: known,
  growthPerK: known,
  /** Price of a square metre cut to size. */
  perM2: pack,
});
const track = v.object({
  ...common,
  class: v.literal("track"),
  glassMm: positive,
  pitchMm: known,
  grooveMm: known,
  bottomDepthMm: known,
  topDepthMm: known,
  webMm: known,
  pitchToleranceMm: known,
  densityKgPerM3: known,
  /** One bar of bottom and one of top track, `content` mm long. */
  bar: pack,
});
const mesh = v.object({
  ...common,
  class: v.literal("mesh"),
  apertureMm: v.tuple([positive, positive]),
  wireMm: positive,
  metal: v.boolean(),
  densityKgPerM3: known,
  basis,
  /** `content` in mm² of mesh. */
  packs: v.array(pack),
});
const sealant = v.object({
  ...common,
  class: v.literal("sealant"),
  mouldInhibitor: v.boolean(),
  densityKgPerM3: known,
  cureMmPerDay: known,
  /** Bead share lost to skips, tooling and the nozzle. */
  waste: known,
  /** `content` in mL. */
  packs: v.array(pack),
});
/** Something a face is coated with; `form` is the layer it is. */
const coat = v.object({
  ...common,
  class: v.literal("coat"),
  form: v.picklist(LAYER_IDS),
  /** Square metres a litre covers, one coat. */
  m2PerLitre: known,
  /** Share lost in the pot, the brush and the overspray. */
  waste: known,
  densityKgPerM3: known,
  /** `content` in mL. */
  packs: v.array(pack),
});
/** One-component PU foam in a can. */
const foam = v.object({
  ...common,
  class: v.literal("foam"),
  grade: v.picklist(["foamPond", "foamBuilding"]),
  /** What stands on the wall of a gram in the can, mL, once it has been carved in the usual way. */
  mlPerGram: known,
  /** Share of cans that fail. */
  duds: known,
  densityKgPerM3: known,
  /** `content` in grams. */
  packs: v.array(pack),
});
/** What is poured, laid or pressed on by the litre: drain layers, ground, litter, fibre. */
const fill = v.object({
  ...common,
  class: v.literal("fill"),
  form: v.picklist(FILL_FORMS),
  /** As it is bought, kg/m³. */
  densityKgPerM3: known,
  /** `content` in mL; of pressed bricks what they swell to. */
  packs: v.array(pack),
});
/** What is cut from a roll or a flat piece without a saw. */
const cloth = v.object({
  ...common,
  class: v.literal("cloth"),
  form: v.picklist(CLOTH_FORMS),
  /** Of what may lie on something warm: up to how warm, by its label, °C. */
  ratedC: v.optional(known),
  /** `content` in mm². */
  packs: v.array(pack),
});
const adhesive = v.object({
  ...common,
  class: v.literal("adhesive"),
  mlPerMetre: known,
  cureMinutes: known,
  packs: v.array(pack),
});
const piece = v.object({
  ...common,
  class: v.literal("piece"),
  /** `content` in pieces. */
  packs: v.array(pack),
});
const strip = v.object({
  ...common,
  class: v.literal("strip"),
  /** `content` in mm. */
  packs: v.array(pack),
});

/** Planed or drawn bars that frames are made of; `widthMm` lies in the leaf, `thicknessMm` is the leaf's. */
const bar = v.object({
  ...common,
  class: v.literal("bar"),
  widthMm: positive,
  thicknessMm: positive,
  stuff: v.picklist(["wood", "plastic", "metal"]),
  densityKgPerM3: known,
  elasticGPa: known,
  growthPerK: known,
  /** Share it swells across for each per cent of moisture; null for what takes up none. */
  moisturePerPercent: v.nullable(known),
  /** `content` in mm. */
  packs: v.array(pack),
});

/** Hinges, profiles, lamps, pumps, locks and fittings: bought ready made, by the piece or by the metre. */
const hardware = v.object({
  ...common,
  class: v.literal("hardware"),
  sold: v.picklist(["piece", "metre"]),
  /** What its label says of it, by name in words: power, load, opening. */
  labelFigures: v.record(v.pipe(v.string(), v.maxLength(60)), v.object({ ...known.entries, unit: v.string() })),
  /** `content` in pieces, or in mm. */
  packs: v.array(pack),
});

export const MaterialSchema = v.variant("class", [
  sheet,
  glass,
  track,
  mesh,
  sealant,
  coat,
  foam,
  fill,
  cloth,
  adhesive,
  piece,
  strip,
  bar,
  hardware,
]);
export type Material = v.InferOutput<typeof MaterialSchema>;
export type MaterialOf<C extends Material["class"]> = Extract<Material, { class: C }>;
export type Pack = v.InferOutput<typeof pack>;

/** Materials and prices. Exported with a build, so that another machine computes the same numbers. */
export const BookSchema = v.object({ materials: v.array(MaterialSchema) });
export type Book = v.InferOutput<typeof BookSchema>;
