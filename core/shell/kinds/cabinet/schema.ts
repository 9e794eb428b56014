import * as v from "valibot";
import { MeasureSchema, text } from "../../../design/basics";
import { FACES } from "../../../design/names";
import { damAndFloor } from "../../dam/schema";
import { everyShell, FoundSchema } from "../parts/schema";

const face = v.object({ material: FoundSchema, thickness: MeasureSchema });

/** A cabinet with a front that opens, by its outside. */
export const CabinetShellSchema = v.object({
  kind: v.literal("cabinet"),
  found: v.object({
    width: MeasureSchema,
    depth: MeasureSchema,
    height: MeasureSchema,
    faces: v.object(Object.fromEntries(FACES.map((f) => [f, face])) as Record<(typeof FACES)[number], typeof face>),
    doors: v.object({
      leaves: v.picklist([1, 2]),
      opens: v.picklist(["swing", "slide"]),
      /** Where two leaves meet, and round their edges, at the widest. */
      meetingGap: MeasureSchema,
      edgeGap: MeasureSchema,
    }),
    /** Frame left round the door opening. */
    frame: MeasureSchema,
    /** A fixed board or pane under the doors; no height for none. */
    below: v.object({ height: v.nullable(MeasureSchema), material: FoundSchema, thickness: MeasureSchema }),
    shelves: v.array(
      v.object({
        name: v.pipe(text(40), v.nonEmpty("Give the shelf a name.")),
        material: FoundSchema,
        thickness: MeasureSchema,
        width: MeasureSchema,
        depth: MeasureSchema,
        count: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20)),
        use: v.picklist(["keep", "cutUp", "remove"]),
      }),
    ),
    /** Holes left by hinges, cables and shelf pins: how many are open, and how wide the widest is. */
    holes: v.object({
      count: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(500)),
      dia: MeasureSchema,
      plugged: v.boolean(),
    }),
    legs: v.nullable(MeasureSchema),
  }),
  /** An inner watertight tray cut from the cabinet's own shelves; its front is the dam. */
  tray: v.nullable(v.object({ height: MeasureSchema })),
  ...damAndFloor,
  ...everyShell,
});
export type CabinetShell = v.InferOutput<typeof CabinetShellSchema>;
