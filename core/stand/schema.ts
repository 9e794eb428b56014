import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { BOARD_IDS } from "./names";

const howMany = (least: number, most: number) =>
  v.pipe(v.number(), v.integer("Whole numbers only."), v.minValue(least), v.maxValue(most));

/** Another box on the same shelf. */
const OtherBoxSchema = v.object({
  id,
  name: v.pipe(text(40), v.nonEmpty("Give the box a name.")),
  width: MeasureSchema,
  /** Filled, kg. */
  kg: MeasureSchema,
  /** Its left edge, from the board's left end; nothing while they stand spread out evenly. */
  at: v.exactOptional(v.nullable(MeasureSchema)),
});

/** A shelf on brackets that the shell stands on with others, side by side. */
export const StandSchema = v.object({
  length: MeasureSchema,
  depth: MeasureSchema,
  thickness: MeasureSchema,
  board: v.picklist(BOARD_IDS),
  brackets: v.object({
    count: howMany(2, 6),
    /** From each end of the board to the outermost. */
    fromEnd: MeasureSchema,
    /** What one may carry, by its label, kg; null while it is not known. */
    carries: v.nullable(MeasureSchema),
  }),
  others: v.pipe(v.array(OtherBoxSchema), v.maxLength(4, "At most four beside this one.")),
  /** How many of the others stand to the left of this shell. */
  place: howMany(0, 4),
  /** This shell's left edge, from the board's left end. */
  at: v.exactOptional(v.nullable(MeasureSchema)),
});
export type Stand = v.InferOutput<typeof StandSchema>;

export const standSchemas = {
  part: {
    stand: { schema: v.nullable(StandSchema), bare: (): Stand | null => null },
  },
  events: [],
};
