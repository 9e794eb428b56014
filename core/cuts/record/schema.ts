import * as v from "valibot";

const finite = v.pipe(v.number(), v.finite());
const size = v.pipe(finite, v.minValue(0), v.maxValue(100_000));
const text = v.pipe(v.string(), v.nonEmpty(), v.maxLength(200));
const cut = v.object({ axis: v.picklist(["x", "y"]), at: size, from: size, to: size });
const placed = v.object({ partId: text, x: size, y: size, w: size, h: size, rotated: v.boolean() });

/** A sheet as it lies on the saw: what is to come of it and the cuts to make, the first `made` of which are made. */
export const LaidSheetSchema = v.object({
  id: text,
  material: text,
  stock: v.object({ id: text, w: size, h: size, trim: size, price: finite, rack: v.boolean() }),
  kerf: size,
  parts: v.pipe(v.array(placed), v.maxLength(2000)),
  cuts: v.pipe(v.array(cut), v.maxLength(4000)),
  made: v.pipe(finite, v.integer(), v.minValue(0)),
});
export type LaidSheet = v.InferOutput<typeof LaidSheetSchema>;

/** What happens at the saw. */
export const CutEventSchema = v.variant("kind", [
  /** A sheet is put to the saw; said again when what is left of it is to be cut another way. */
  v.object({ kind: v.literal("sheet-laid"), sheet: LaidSheetSchema }),
  /** Some parts of a sheet, or all, are to stay where they lie; the rest of it is free for whatever fits. */
  v.object({ kind: v.literal("sheet-pinned"), sheet: LaidSheetSchema }),
  /** The cut of this place in the sheet's list is made. */
  v.object({ kind: v.literal("cut-made"), sheet: text, cut: v.pipe(finite, v.integer(), v.minValue(0)) }),
  /** A part came out wrong; what is left of it whole, as it lies. */
  v.object({ kind: v.literal("part-spoiled"), sheet: text, x: size, y: size, leftW: size, leftH: size }),
  /** A piece was put on the rack under a name of its own. */
  v.object({ kind: v.literal("piece-racked"), sheet: text, x: size, y: size, offcut: text }),
  /** An entry was a mistake. */
  v.object({ kind: v.literal("taken-back"), entry: text }),
]);
export type CutEvent = v.InferOutput<typeof CutEventSchema>;

export const cutsSchemas = { part: {}, events: [CutEventSchema] };

const KINDS: readonly string[] = CutEventSchema.options.map((o) => o.entries.kind.literal);
export const isCutEvent = (event: { kind: string }): event is CutEvent => KINDS.includes(event.kind);
