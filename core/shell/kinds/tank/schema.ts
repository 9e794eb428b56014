import * as v from "valibot";
import { everyShell, foundTank } from "../parts/schema";

/** A glass tank upright, reached from above. */
export const TankShellSchema = v.object({ kind: v.literal("tank"), ...foundTank, ...everyShell });
export type TankShell = v.InferOutput<typeof TankShellSchema>;
