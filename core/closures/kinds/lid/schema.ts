import * as v from "valibot";
import { finite, type Measure, MeasureSchema } from "../../../design/basics";
import { closureBase } from "../../base/schema";

/** A lid made for a shell that is open above: a screen frame or a panel on the rim, held by clips. */
export const LidSchema = v.object({
  ...closureBase,
  kind: v.literal("lid"),
  /** Widest gap at the rim with the lid on. */
  gap: MeasureSchema,
  clips: v.pipe(finite, v.integer(), v.minValue(0), v.maxValue(40)),
});
export type Lid = v.InferOutput<typeof LidSchema>;

const RIM_GAP: Measure = { typed: "1", value: 1, how: "stated" };

/** A lid to start from. */
export const newLid = (opening: string, lock: Lid["lock"] = null): Lid => ({
  ...{ id: opening, opening, origin: "made", lock },
  ...{ kind: "lid", gap: { ...RIM_GAP }, clips: 4 },
});
