import * as v from "valibot";
import { count, fate, id, MeasureSchema, origin, text } from "../design/basics";
import { ANCHORS, BUILD_UPS, FIBRES, FINISHES, MOST_PIECES, WALLS } from "./names";

/** One wall's build-up and finish. */
export const WallSchema = v.object({
  face: v.picklist(WALLS),
  buildUp: v.picklist(BUILD_UPS),
  foam: v.picklist(["foamPond", "foamBuilding"]),
  /** Finished depth of the wall, without its ridges. */
  depth: MeasureSchema,
  /** How far ridges stand over it. */
  relief: MeasureSchema,
  /** One lift of foam, once it has risen. */
  lift: MeasureSchema,
  /** Where it begins above the base; null for just over the ground. */
  foot: v.nullable(MeasureSchema),
  /** A panel or board in at least so many pieces, side by side, that go in one by one. */
  pieces: v.exactOptional(v.pipe(count, v.maxValue(MOST_PIECES, "At most eight."))),
  skinOff: v.boolean(),
  carveBy: v.picklist(["hand", "wireBrush"]),
  /** Two schools: put on plenty and carve more, or sparingly, for foam is dear. */
  apply: v.picklist(["sparing", "usual", "over"]),
  finish: v.picklist(FINISHES),
  fibre: v.picklist(FIBRES),
  /** The fibre is damp when it goes on. */
  damp: v.boolean(),
  /** It stands already: its steps are done, its supplies used up. */
  up: v.boolean(),
  /** One that came with the shell is weighed and drawn, and never made, unless it is replaced. */
  origin,
  fate,
});
export type Wall = v.InferOutput<typeof WallSchema>;

/** `u`, `v` are the middle, as of features; `depth` how far it stands into the room from the bare wall. */
const zone = {
  id,
  face: v.picklist(WALLS),
  name: text(60),
  u: MeasureSchema,
  v: MeasureSchema,
  width: MeasureSchema,
  height: MeasureSchema,
};
const deep = { ...zone, depth: MeasureSchema };

/** Wood, cork or stone on a wall. */
const piece = {
  ...deep,
  /** Kilograms, weighed; null to reckon it from its size. */
  mass: v.nullable(MeasureSchema),
  of: v.picklist(["cork", "wood", "stone"]),
  anchor: v.picklist(ANCHORS),
  /** Pressed into wet foam, or set first and foamed round. */
  bedding: v.picklist(["pressed", "foamedRound"]),
  hollow: v.boolean(),
  plugged: v.boolean(),
  /** Wrapped while the wall is coated. */
  wrapped: v.boolean(),
};

export const ZoneSchema = v.variant("kind", [
  v.object({ ...deep, kind: v.literal("ledge") }),
  v.object({ ...deep, kind: v.literal("foam") }),
  v.object({ ...piece, kind: v.literal("slab") }),
  v.object({ ...piece, kind: v.literal("branch") }),
  v.object({ ...deep, kind: v.literal("planter"), drilled: v.boolean() }),
  v.object({ ...zone, kind: v.literal("bare") }),
  v.object({ ...deep, kind: v.literal("mat") }),
  v.object({ ...deep, kind: v.literal("earth") }),
  v.object({ ...deep, kind: v.literal("bought") }),
]);
export type Zone = v.InferOutput<typeof ZoneSchema>;
export type Piece = Extract<Zone, { kind: "slab" | "branch" }>;
export type Planter = Extract<Zone, { kind: "planter" }>;

const colour = v.nullable(v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/, "A colour is # and six digits.")));

export const BackgroundSchema = v.object({
  walls: v.pipe(
    v.array(WallSchema),
    v.maxLength(WALLS.length),
    v.check((list) => new Set(list.map((w) => w.face)).size === list.length, "A wall has one build-up."),
  ),
  zones: v.pipe(v.array(ZoneSchema), v.maxLength(60, "At most 60 zones.")),
  /** Tones tried on scrap: as it goes on, dry, and varnished. */
  swatches: v.pipe(
    v.array(
      v.object({
        id,
        name: v.pipe(text(60), v.nonEmpty("Give the swatch a name.")),
        wet: colour,
        dry: colour,
        varnished: colour,
      }),
    ),
    v.maxLength(24, "At most 24 swatches."),
  ),
});
export type Background = v.InferOutput<typeof BackgroundSchema>;

/** No background at all. */
export const bareBackground = (): Background => ({ walls: [], zones: [], swatches: [] });

export const backgroundSchemas = {
  part: { background: { schema: BackgroundSchema, bare: bareBackground } },
  events: [],
};
