import * as v from "valibot";
import { BackgroundSchema } from "../background/schema";
import { GroundSchema, ServiceSchema } from "../ground/schema";
import { ShellSchema } from "../shell/kinds/schema";
import type { SheetShell } from "../shell/kinds/sheet/schema";
import { finite, id, MeasureSchema, range, text } from "./basics";
import {
  DIVIDER_KINDS,
  FACES,
  type FaceId,
  KEEP_OUT_USES,
  LAYER_IDS,
  OPENING_SHAPES,
  PORT_USES,
  SAFETY_SPLITS,
} from "./names";

export type { SheetShell } from "../shell/kinds/sheet/schema";
export type { Measure } from "./basics";
export type { FaceId } from "./names";

/** The version of the Build document this program writes. Older ones are upgraded by `readBuild`. */
export const BUILD_VERSION = 5;

/** How an animal's body passes gaps; each has its own default factor (source: doors-and-gaps). */
export const BODIES = ["scaled", "softBodied", "hardBodied", "flattener"] as const;

export const ResidentSchema = v.object({
  id,
  name: v.pipe(text(80), v.nonEmpty("Give the resident a name.")),
  count: v.pipe(finite, v.integer(), v.minValue(1, "At least one."), v.maxValue(10000)),
  body: v.picklist(BODIES),
  /** The smallest hole the hardest, widest part of the smallest stage passes; null while not measured. */
  narrowestRigid: v.nullable(MeasureSchema),
  /** A gap the builder has seen refused beats any factor. */
  refusedGap: v.nullable(MeasureSchema),
  strong: v.boolean(),
  dangerous: v.boolean(),
  groundDepth: v.nullable(MeasureSchema),
  /** Inside sizes the whole group needs; height is above the ground. */
  needs: v.object({
    length: v.nullable(MeasureSchema),
    width: v.nullable(MeasureSchema),
    height: v.nullable(MeasureSchema),
  }),
  /** How far up a wall it gets by stretching or jumping. */
  reach: v.nullable(MeasureSchema),
  traits: v.object({
    climbs: v.boolean(),
    toePads: v.boolean(),
    digs: v.boolean(),
    wetSkin: v.boolean(),
    eatsGround: v.boolean(),
    wantsPrivacy: v.boolean(),
  }),
  /** What it lives in: warmth and humidity; null while not known. */
  bands: v.object({ tempC: v.nullable(range), rh: v.nullable(range) }),
  note: text(500),
});
export type Resident = v.InferOutput<typeof ResidentSchema>;

export const BriefSchema = v.object({
  residents: v.array(ResidentSchema),
  room: v.object({ tempC: range, rh: range }),
  units: v.variant("unit", [
    v.object({ unit: v.literal("mm") }),
    v.object({ unit: v.literal("in"), denominator: v.picklist([16, 32]) }),
  ]),
  budgetMinor: v.nullable(v.pipe(finite, v.integer(), v.minValue(0))),
  childrenAtHome: v.boolean(),
  /** Where the animals live now, inside; null when this is their first home. */
  oldHome: v.nullable(v.object({ width: MeasureSchema, depth: MeasureSchema, height: MeasureSchema })),
  /** Two schools for size: a community's minimum, or stepping up as the animal copes; the choice is recorded. */
  sizeSchool: v.picklist(["undecided", "minimum", "stepUp"]),
  sizeReason: text(500),
  note: text(4000),
});

/** `u`, `v` are the centre, from the inside front left bottom corner: left/right (y, z), back/front (x, z), top/base (x, y). */
const featureBase = { id, face: v.picklist(FACES), name: text(80), u: MeasureSchema, v: MeasureSchema };
const count = v.pipe(
  finite,
  v.integer("Whole numbers only."),
  v.minValue(1, "At least one."),
  v.maxValue(200, "At most 200."),
);

export const HolesSchema = v.object({
  ...featureBase,
  kind: v.literal("holes"),
  pattern: v.picklist(["square", "staggered"]),
  holeDia: MeasureSchema,
  pitch: MeasureSchema,
  columns: count,
  rows: count,
  mesh: v.nullable(id),
});
/** One opening cut for air: a panel, a slot with round ends, or a round one as wide as it is high; behind mesh, or open. */
export const MeshPanelSchema = v.object({
  ...featureBase,
  kind: v.literal("mesh"),
  shape: v.picklist(OPENING_SHAPES),
  width: MeasureSchema,
  height: MeasureSchema,
  mesh: v.nullable(id),
  lap: MeasureSchema,
});
/** A round hole for something that passes the wall; `gap` is what is left open round it, at the widest. */
export const PortSchema = v.object({
  ...featureBase,
  kind: v.literal("port"),
  use: v.picklist(PORT_USES),
  /** The hole; for a tube the tube's outside, which is the short way of the oval it needs. */
  bore: MeasureSchema,
  gap: MeasureSchema,
  /** Where the tube goes: its own bore, how far it climbs over which run, and its tightest bend. */
  tube: v.nullable(
    v.object({ bore: MeasureSchema, rise: MeasureSchema, run: MeasureSchema, bendRadius: MeasureSchema }),
  ),
});
/** A pane over an opening of its own: cut to measure, or one that is on hand already. */
export const PaneSchema = v.object({
  ...featureBase,
  kind: v.literal("pane"),
  width: MeasureSchema,
  height: MeasureSchema,
  glass: id,
  /** How far the pane lies on the sheet all round, where it is cut to measure. */
  lap: MeasureSchema,
  onHand: v.nullable(v.object({ width: MeasureSchema, height: MeasureSchema })),
});
/** A part of a face where nothing else may go; nothing is cut. */
export const KeepOutSchema = v.object({
  ...featureBase,
  kind: v.literal("keepOut"),
  use: v.picklist(KEEP_OUT_USES),
  width: MeasureSchema,
  height: MeasureSchema,
  /** How far into the room nothing may come; null for the face alone. */
  deep: v.nullable(MeasureSchema),
});
export const FeatureSchema = v.variant("kind", [HolesSchema, MeshPanelSchema, PortSchema, PaneSchema, KeepOutSchema]);
export type Feature = v.InferOutput<typeof FeatureSchema>;
export type Holes = v.InferOutput<typeof HolesSchema>;
export type MeshPanel = v.InferOutput<typeof MeshPanelSchema>;
export type Port = v.InferOutput<typeof PortSchema>;
export type Pane = v.InferOutput<typeof PaneSchema>;
export type KeepOut = v.InferOutput<typeof KeepOutSchema>;
/** What air passes. */
export type Vent = Holes | MeshPanel;

export const SlidingPairSchema = v.object({
  kind: v.literal("slidingPair"),
  track: id,
  glass: id,
  overlap: MeasureSchema,
  sideAllowance: MeasureSchema,
  brushStrip: v.boolean(),
  lock: v.picklist(["none", "wedge", "key"]),
});
export type SlidingPair = v.InferOutput<typeof SlidingPairSchema>;

const lock = v.picklist(["none", "wedge", "key"]);

/** The doors or the lid it came with. */
export const FoundClosureSchema = v.object({ kind: v.literal("found"), lock });

/** A lid made for a shell that is open above: a screen frame or a panel on the rim, held by clips. */
export const LidSchema = v.object({
  kind: v.literal("lid"),
  /** Widest gap at the rim with the lid on. */
  gap: MeasureSchema,
  clips: v.pipe(finite, v.integer(), v.minValue(0), v.maxValue(40)),
  lock,
});

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

/** A wall across the floor, water on one side or both. */
export const DividerSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the divider a name.")),
  made: v.picklist(DIVIDER_KINDS),
  height: MeasureSchema,
  /** It is to keep one side dry. */
  watertight: v.boolean(),
});

export const SealSchema = v.object({
  sealant: id,
  leg: MeasureSchema,
  seams: v.picklist(["none", "base", "all"]),
  standingWater: v.nullable(MeasureSchema),
  airingDays: MeasureSchema,
  /** What each face is given, from the wall outwards; a face without is left as it is. */
  stacks: v.pipe(
    v.array(v.object({ face: v.picklist(FACES), layers: v.pipe(v.array(LayerSchema), v.maxLength(20)) })),
    v.maxLength(FACES.length),
    v.check((list) => new Set(list.map((s) => s.face)).size === list.length, "A face has one stack."),
  ),
  dividers: v.pipe(v.array(DividerSchema), v.maxLength(8, "At most eight dividers.")),
  /** What the builder decided where careful builders differ and safety hangs on it, and why. */
  decisions: v.array(v.object({ row: v.picklist(SAFETY_SPLITS), school: text(80), reason: text(500) })),
});

/** Corners cut out of a part at right angles: one, both of one long side, or all four. */
export const CornersSchema = v.object({
  count: v.picklist([1, 2, 4]),
  /** What is cut out, along the part's length and along its width. */
  length: MeasureSchema,
  width: MeasureSchema,
});

/** A part beside the shell's own, cut from the same sheets. */
export const OddPartSchema = v.object({
  id,
  label: v.pipe(text(60), v.nonEmpty("Give the part a name.")),
  material: id,
  length: MeasureSchema,
  width: MeasureSchema,
  qty: v.pipe(finite, v.integer("A whole number of pieces."), v.minValue(1, "At least one."), v.maxValue(1000)),
  /** True when `length` must lie along the sheet's length. */
  grainLocked: v.boolean(),
  corners: v.optional(CornersSchema),
});
export type OddPart = v.InferOutput<typeof OddPartSchema>;

/** Slips or tiles of one size laid out on a face. */
export const SlipsSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give them a name.")),
  face: v.picklist(FACES),
  width: MeasureSchema,
  height: MeasureSchema,
  /** Joint wanted between them. */
  joint: MeasureSchema,
  /** Left free all round. */
  edge: MeasureSchema,
  /** How high above the face's foot they begin. */
  foot: MeasureSchema,
  bond: v.picklist(["stack", "running"]),
  /** Of a hundred, how many break. */
  breakagePercent: MeasureSchema,
  /** How many are on hand; null when as many are bought as it takes. */
  onHand: v.nullable(MeasureSchema),
  /** Pieces in a pack as sold, one where it is null; and what a pack costs, in the workshop's currency. */
  packOf: v.optional(v.nullable(MeasureSchema), null),
  packPrice: v.optional(v.nullable(MeasureSchema), null),
});
export type Slips = v.InferOutput<typeof SlipsSchema>;

export const VariantSchema = v.object({
  id,
  name: v.pipe(text(80), v.nonEmpty("Give the variant a name.")),
  shell: ShellSchema,
  /** What differs from the shell's own sheet, face by face. */
  faces: v.partial(
    v.object(
      Object.fromEntries(FACES.map((f) => [f, v.object({ material: id })])) as Record<
        FaceId,
        v.ObjectSchema<{ material: typeof id }, undefined>
      >,
    ),
  ),
  features: v.array(FeatureSchema),
  oddParts: v.pipe(v.array(OddPartSchema), v.maxLength(1000, "At most 1000 kinds of odd parts.")),
  slips: v.pipe(v.array(SlipsSchema), v.maxLength(12, "At most twelve fields of slips.")),
  closure: v.variant("kind", [v.object({ kind: v.literal("open") }), SlidingPairSchema, FoundClosureSchema, LidSchema]),
  seal: SealSchema,
  background: BackgroundSchema,
  ground: GroundSchema,
  /** What must be reached while animals live there. */
  service: v.pipe(v.array(ServiceSchema), v.maxLength(24, "At most 24 things to reach.")),
  notes: v.record(v.string(), text(4000)),
});
export type Variant = v.InferOutput<typeof VariantSchema>;
/** A variant whose shell is a sheet box. */
export type SheetVariant = Variant & { shell: SheetShell };

export const WaiverSchema = v.object({
  rule: text(80),
  subject: text(120),
  reason: v.pipe(text(500), v.trim(), v.nonEmpty("Say why you go on anyway.")),
});

export const BuildSchema = v.object({
  version: v.literal(BUILD_VERSION),
  name: v.pipe(text(120), v.trim(), v.nonEmpty("Give the build a name.")),
  brief: BriefSchema,
  variants: v.pipe(v.array(VariantSchema), v.minLength(1, "A build needs at least one variant.")),
  chosen: id,
  waivers: v.array(WaiverSchema),
});
/** What the fabricator decided: the one input every ledger is computed from, beside book, stock and workshop. */
export type Build = v.InferOutput<typeof BuildSchema>;
export type Brief = Build["brief"];
