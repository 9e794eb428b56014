import * as v from "valibot";
import { ScreenSchema } from "../../found/schema";
import { everyShell, foundTank } from "../parts/schema";

/** A glass tank upright, reached from above. */
export const TankShellSchema = v.object({
  kind: v.literal("tank"),
  ...foundTank,
  /** The screened lid it came with, where there is one. */
  lid: v.object({ there: v.boolean(), ...ScreenSchema.entries }),
  ...everyShell,
});
export type TankShell = v.InferOutput<typeof TankShellSchema>;
