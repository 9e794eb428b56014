import * as v from "valibot";
import { id, MeasureSchema } from "../../../design/basics";
import { paneAndFloor } from "../../dam/schema";
import { everyShell, foundTank } from "../parts/schema";

/** A glass tank stood on one end, its open side to the front. */
export const TankOnEndShellSchema = v.object({
  kind: v.literal("tankOnEnd"),
  ...foundTank,
  /** Dam and rails are cut from this sheet of the book and stand inside the open side. */
  frameMaterial: id,
  dam: v.nullable(MeasureSchema),
  ventRail: v.nullable(MeasureSchema),
  headRail: v.nullable(MeasureSchema),
  legs: v.nullable(MeasureSchema),
  ...paneAndFloor,
  ...everyShell,
});
export type TankOnEndShell = v.InferOutput<typeof TankOnEndShellSchema>;
