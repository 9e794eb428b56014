import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { ENDS_ON, HOLDS, STUFFS } from "./names";

/** A hide in it: its bore, and whether it goes right through. */
const HollowSchema = v.nullable(v.object({ bore: MeasureSchema, through: v.boolean() }));

/** What every piece has: its place on the base, by its middle from the left and the front, and the room it takes there. */
const common = {
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the piece a name.")),
  face: v.literal("base"),
  u: MeasureSchema,
  v: MeasureSchema,
  width: MeasureSchema,
  length: MeasureSchema,
  of: v.picklist(STUFFS),
  /** Kilograms, weighed; null to reckon it from its size. */
  mass: v.nullable(MeasureSchema),
  hollow: HollowSchema,
  /** Bought, or found and free. */
  got: v.picklist(["bought", "found"]),
};

/** One end of a branch: what it is on, how high its middle is above the base, and how it is held there. */
const EndSchema = v.object({
  on: v.picklist(ENDS_ON),
  height: MeasureSchema,
  hold: v.picklist(HOLDS),
  /** The bed it is held by. */
  bedWidth: MeasureSchema,
  bedHeight: MeasureSchema,
});
export type End = v.InferOutput<typeof EndSchema>;

/** A stone or stump that stands on its foot, and a branch between two ends, the left one first. */
export const PieceSchema = v.variant("shape", [
  v.object({
    ...common,
    shape: v.literal("block"),
    height: MeasureSchema,
    on: v.picklist(["base", "ground"]),
    hold: v.picklist(HOLDS),
    /** The barrier is cut out round its foot, and turned up. */
    cutOut: v.boolean(),
  }),
  v.object({
    ...common,
    shape: v.literal("branch"),
    thick: MeasureSchema,
    left: EndSchema,
    right: EndSchema,
    /** Whether its right end lies further back or further forward than its left one. */
    runs: v.picklist(["back", "front"]),
    cutOut: v.boolean(),
  }),
]);
export type Piece = v.InferOutput<typeof PieceSchema>;
export type Block = Extract<Piece, { shape: "block" }>;
export type Branch = Extract<Piece, { shape: "branch" }>;

const HardscapeSchema = v.pipe(
  v.array(PieceSchema),
  v.maxLength(40, "At most forty pieces."),
  v.check((list) => new Set(list.map((p) => p.id)).size === list.length, "Two pieces share an id."),
);

export const hardscapeSchemas = {
  part: { hardscape: { schema: HardscapeSchema, bare: (): Piece[] => [] } },
  events: [],
};
