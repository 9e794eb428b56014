import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { damAndFloor } from "../../dam/schema";
import { FoundHolesSchema } from "../../found/schema";
import { everyShell } from "../parts/schema";

/** What its thin clear walls are of. */
export const CLEAR_PLASTICS = ["acrylic", "ps", "polycarbonate"] as const;

const howMany = (most: number) => v.pipe(v.number(), v.integer("Whole numbers only."), v.minValue(0), v.maxValue(most));

/** A box of clear plastic, by its outside. */
export const ClearBoxShellSchema = v.object({
  kind: v.literal("clearBox"),
  found: v.object({
    width: MeasureSchema,
    depth: MeasureSchema,
    height: MeasureSchema,
    wall: MeasureSchema,
    plastic: v.picklist(CLEAR_PLASTICS),
    joints: v.picklist(["welded", "siliconed", "folded"]),
    door: v.object({
      is: v.picklist(["none", "hinges", "hingesToFit", "hingeTape", "magnets", "grooves"]),
      /** Its opening: how high, null for all that the fixed part under it leaves. */
      height: v.nullable(MeasureSchema),
      /** The fixed part of the front under it, inside. */
      foot: MeasureSchema,
      /** Round its edges, at the widest. */
      gap: MeasureSchema,
      /** Of magnets: how many, what the label says each pulls (N), how far apart they stay shut, and a stop behind the edge. */
      magnets: v.object({
        count: howMany(40),
        pull: MeasureSchema,
        apart: MeasureSchema,
        stop: v.picklist(["none", "there", "toFit"]),
      }),
      catch: v.picklist(["none", "clip", "clipToFit", "key"]),
    }),
    lid: v.object({
      is: v.picklist(["fixed", "slides", "lifts"]),
      thickness: MeasureSchema,
      /** Across its grooves; null for what inside and grooves give. */
      width: v.nullable(MeasureSchema),
      /** Down to which it is taken; null while it stays as it is. */
      trimTo: v.nullable(MeasureSchema),
      /** How deep a groove goes into the wall, and how wide it is. */
      grooveDepth: MeasureSchema,
      groove: MeasureSchema,
      /** What stays open at its free end, or round it. */
      gap: MeasureSchema,
      /** What keeps it home. */
      home: v.picklist(["nothing", "pin", "pinToFit"]),
    }),
    holes: FoundHolesSchema,
    /** From a hole's edge to the wall's, and between holes; null where nobody measured. */
    holeEdge: v.nullable(MeasureSchema),
    holeApart: v.nullable(MeasureSchema),
    /** A sheet welded over them from outside. */
    holePatch: v.picklist(["none", "there", "toFit"]),
  }),
  ...damAndFloor,
  ...everyShell,
});
export type ClearBoxShell = v.InferOutput<typeof ClearBoxShellSchema>;
export type ClearBoxFound = ClearBoxShell["found"];
