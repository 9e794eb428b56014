import * as v from "valibot";
import { fate, finite, id, type Measure, MeasureSchema } from "../../design/basics";

/** A hole in mesh that was found, the longest way across, and how large the patch over it is; null for the least that laps. */
export const holeAndPatch = {
  hole: v.exactOptional(v.nullable(MeasureSchema)),
  patch: v.exactOptional(v.nullable(MeasureSchema)),
};

/** A screened top as found: its frame lifts off or is fixed, its clear size, its mesh, and the gap under its lip. */
export const ScreenSchema = v.object({
  fixed: v.boolean(),
  /** Clear inside its frame; null for all the inside of the shell. */
  width: v.nullable(MeasureSchema),
  depth: v.nullable(MeasureSchema),
  aperture: MeasureSchema,
  wire: MeasureSchema,
  lip: MeasureSchema,
  fate,
  ...holeAndPatch,
  /** What of it a sheet laid over it covers, of a hundred; nothing until typed. */
  covered: v.exactOptional(v.nullable(MeasureSchema)),
  /** Mesh of the book for a patch, or that replaces the old; null while it is kept. */
  mesh: v.nullable(id),
});
export type Screen = v.InferOutput<typeof ScreenSchema>;

const mm = (value: number): Measure => ({ typed: String(value), value, how: "stated" });

/** A common fly-screen top. */
export const starterScreen = (): Screen => ({
  ...{ fixed: false, width: null, depth: null, aperture: mm(1.2), wire: mm(0.3), lip: mm(1) },
  ...{ fate: "kept", covered: null, hole: null, patch: null, mesh: null },
});

/** Whether a glass shell is new, and what is looked for where it is not. */
export const SecondHandSchema = v.object({
  is: v.picklist(["unknown", "new", "used"]),
  chips: v.picklist(["unknown", "none", "edge", "seam"]),
  /** How old its silicone is, years; null while nobody knows. */
  beadYears: v.nullable(MeasureSchema),
  disinfect: v.boolean(),
});
export type SecondHand = v.InferOutput<typeof SecondHandSchema>;

/** Glass of which nobody has said where it comes from. */
export const bareSecondHand = (): SecondHand => ({
  is: "unknown",
  chips: "unknown",
  beadYears: null,
  disinfect: false,
});

/** Holes somebody drilled before: how many, how wide, and where; `height` above the base is of those in the walls. */
export const FoundHolesSchema = v.object({
  count: v.pipe(finite, v.integer("Whole numbers only."), v.minValue(0), v.maxValue(500)),
  bore: MeasureSchema,
  where: v.picklist(["lid", "walls"]),
  height: MeasureSchema,
});
export type FoundHoles = v.InferOutput<typeof FoundHolesSchema>;
