import * as v from "valibot";
import { MeasureSchema } from "../../../design/basics";
import { FOUND_IDS } from "../../../materials/names";
import { SecondHandSchema } from "../../found/schema";

/** What every shell's document holds beside its own. */
export const everyShell = {
  groundDepth: v.nullable(MeasureSchema),
  /** What stands or hangs on the top, kg. */
  topLoadKg: MeasureSchema,
};

/** Which panes of a glass tank are tempered; unknown ones are treated as tempered. */
export const TemperedSchema = v.picklist(["none", "base", "all", "unknown"]);

/** A glass tank as found, by its outside. */
export const foundTank = {
  found: v.object({
    length: MeasureSchema,
    width: MeasureSchema,
    height: MeasureSchema,
    glass: MeasureSchema,
    /** Plastic rim round the top and foot: how high it is; null without one. */
    rim: v.nullable(MeasureSchema),
    tempered: TemperedSchema,
    secondHand: SecondHandSchema,
  }),
};

export const FoundSchema = v.picklist(FOUND_IDS);
