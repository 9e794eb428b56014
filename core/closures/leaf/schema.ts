import * as v from "valibot";
import { count, id, type Measure, MeasureSchema } from "../../design/basics";

/** A window in a leaf of sheet, in its middle. */
const WindowSchema = v.object({ infill: id, width: MeasureSchema, height: MeasureSchema, lap: MeasureSchema });

/** What a leaf is made of. */
export const LeafSchema = v.object({
  /** Bars all round it; null for a pane or a sheet on its own. */
  frame: v.nullable(v.object({ bar: id, join: v.picklist(["butt", "mitre"]) })),
  /** Glass, mesh or sheet of the book. */
  infill: id,
  /** How far the bars hold it, and what is left clear round it within that. */
  rebate: MeasureSchema,
  play: MeasureSchema,
  /** A pane stands on setting blocks. */
  blocks: v.boolean(),
  window: v.nullable(WindowSchema),
  /** Of its wood, when it is made, %; null for what the room gives. */
  moisture: v.nullable(MeasureSchema),
});
export type LeafMake = v.InferOutput<typeof LeafSchema>;

/** What is left clear along each edge. */
export const ClearanceSchema = v.object({
  hinge: MeasureSchema,
  lock: MeasureSchema,
  meet: MeasureSchema,
  head: MeasureSchema,
  foot: MeasureSchema,
});

/** What holds the edges that open. */
export const HoldsSchema = v.object({
  /** A catch, clip or magnet of the book. */
  catch: id,
  every: MeasureSchema,
  lastFromEnd: MeasureSchema,
});

/** What leaves that swing hang on. `clamped` hinges take hold of a pane, or are bonded to it: nothing is drilled. */
export const HingesSchema = v.object({
  hinge: id,
  count: v.pipe(count, v.minValue(2, "At least two."), v.maxValue(8, "At most eight.")),
  /** Between the uppermost and the lowest; null for a sixth of the leaf from each end. */
  spacing: v.nullable(MeasureSchema),
  fixing: v.picklist(["screws", "bolts", "clamped"]),
});
export type Hinges = v.InferOutput<typeof HingesSchema>;

/** The opening's two diagonals, as taped; null while nobody has. */
export const DiagonalsSchema = v.nullable(v.object({ rising: MeasureSchema, falling: MeasureSchema }));

/** What every closure made of leaves has. */
export const leafBase = {
  leaf: LeafSchema,
  clearance: ClearanceSchema,
  holds: HoldsSchema,
  diagonals: DiagonalsSchema,
  /** What it lands on when it shuts; without one it can be pushed in. */
  stop: v.boolean(),
};
/** What a closure made of leaves says of them. */
export interface Leafed {
  leaf: LeafMake;
  clearance: v.InferOutput<typeof ClearanceSchema>;
  holds: v.InferOutput<typeof HoldsSchema>;
  diagonals: v.InferOutput<typeof DiagonalsSchema>;
  stop: boolean;
}

const mm = (value: number): Measure => ({ typed: String(value), value, how: "stated" });

/** A leaf's own beginnings, from memory: what is clear round it, and what holds it. */
export const newLeafed = (leaf: Partial<LeafMake> & Pick<LeafMake, "infill">, hold: string): Leafed => ({
  leaf: {
    ...{ frame: null, rebate: mm(8), play: mm(2.5), blocks: true, window: null, moisture: null },
    ...leaf,
  },
  clearance: { hinge: mm(2), lock: mm(2.5), meet: mm(3), head: mm(2.5), foot: mm(2.5) },
  holds: { catch: hold, every: mm(300), lastFromEnd: mm(0) },
  diagonals: null,
  stop: true,
});
