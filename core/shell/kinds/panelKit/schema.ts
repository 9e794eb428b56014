import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { damAndFloor } from "../../dam/schema";
import { everyShell, FoundSchema } from "../parts/schema";
import { FASTENER_IDS, PLACES } from "./names";

const howMany = (most: number) => v.pipe(v.number(), v.integer("Whole numbers only."), v.minValue(0), v.maxValue(most));

/** A panel as delivered. */
export const KitPanelSchema = v.object({
  id,
  place: v.picklist(PLACES),
  material: FoundSchema,
  length: MeasureSchema,
  width: MeasureSchema,
  thickness: MeasureSchema,
  /** A groove in its face, how deep; null for none. */
  groove: v.nullable(MeasureSchema),
  /** Holes already in. */
  holes: v.object({ count: howMany(200), bore: MeasureSchema }),
});
export type Delivered = v.InferOutput<typeof KitPanelSchema>;

/** A kit of panels, by the outside of the box it makes. */
export const PanelKitShellSchema = v.object({
  kind: v.literal("panelKit"),
  found: v.object({
    width: MeasureSchema,
    depth: MeasureSchema,
    height: MeasureSchema,
    panels: v.pipe(v.array(KitPanelSchema), v.maxLength(30, "At most 30 panels.")),
    /** Of what most of it is, where no panel of a place is on the list. */
    material: FoundSchema,
    thickness: MeasureSchema,
    box: v.picklist(["topBaseOver", "sidesFull"]),
    back: v.picklist(["overlaid", "inset", "grooved"]),
    doors: v.object({
      opens: v.picklist(["none", "swing", "slide"]),
      meetingGap: MeasureSchema,
      edgeGap: MeasureSchema,
    }),
    bars: v.object({ count: howMany(40), kg: MeasureSchema }),
    fasteners: v.object({
      kind: v.picklist(FASTENER_IDS),
      length: MeasureSchema,
      count: howMany(1000),
      /** Bought beside those that came. */
      bought: howMany(1000),
      spacing: MeasureSchema,
    }),
    /** Corner to corner of the front, once it stands; null until measured. */
    diagonals: v.object({ rising: v.nullable(MeasureSchema), falling: v.nullable(MeasureSchema) }),
  }),
  putUp: v.object({
    /** Coats, slips and foam on the panels before it is put up, or in it after. */
    school: v.picklist(["undecided", "flat", "standing"]),
    /** Masked at a joint, from the panel's own edge; null for the neighbour's thickness and 5 mm. */
    margin: v.nullable(MeasureSchema),
  }),
  ...damAndFloor,
  ...everyShell,
});
export type PanelKitShell = v.InferOutput<typeof PanelKitShellSchema>;
export type KitFound = PanelKitShell["found"];
