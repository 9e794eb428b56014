import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { damAndFloor } from "../../dam/schema";
import { ScreenSchema, SecondHandSchema } from "../../found/schema";
import { everyShell } from "../parts/schema";

const howMany = (most: number) => v.pipe(v.number(), v.integer("Whole numbers only."), v.minValue(0), v.maxValue(most));

/** A glass terrarium that opens at the front, by its outside. */
export const FrontGlassShellSchema = v.object({
  kind: v.literal("frontGlass"),
  found: v.object({
    width: MeasureSchema,
    depth: MeasureSchema,
    height: MeasureSchema,
    glass: MeasureSchema,
    /** The base pane, and how high it lies over the stand, in its frame. */
    basePane: MeasureSchema,
    recess: MeasureSchema,
    /** The fixed pane under the doors: how high, from the inside of the base or from the stand. */
    sill: v.object({ height: MeasureSchema, from: v.picklist(["inside", "stand"]) }),
    /** The strip of holes or slots on the sill; no height for none, no length for as long as the front. */
    strip: v.object({
      height: v.nullable(MeasureSchema),
      length: v.nullable(MeasureSchema),
      openings: v.picklist(["holes", "slots"]),
      bore: MeasureSchema,
      /** Of slots, how long one is. */
      slot: MeasureSchema,
      count: howMany(2000),
    }),
    doors: v.object({
      leaves: v.picklist([1, 2]),
      /** One leaf; null for what the opening and its gaps leave. */
      width: v.nullable(MeasureSchema),
      height: v.nullable(MeasureSchema),
      hinge: MeasureSchema,
      meeting: MeasureSchema,
      head: MeasureSchema,
      foot: MeasureSchema,
      /** Null where the corners are no wider than the edges. */
      corner: v.nullable(MeasureSchema),
      latch: v.picklist(["none", "magnet", "turn", "key"]),
    }),
    top: ScreenSchema,
    /** Notches for cables with slides: `shut` is what stays open with the slide home. */
    notches: v.object({ count: howMany(12), width: MeasureSchema, shut: MeasureSchema }),
    background: v.object({
      is: v.picklist(["none", "kept", "tornOut"]),
      thickness: MeasureSchema,
      /** Between it and the pane. */
      gap: MeasureSchema,
    }),
    tempered: v.picklist(["unknown", "none", "doors", "base", "doorsAndBase", "all"]),
    secondHand: SecondHandSchema,
  }),
  ...damAndFloor,
  ...everyShell,
});
export type FrontGlassShell = v.InferOutput<typeof FrontGlassShellSchema>;
