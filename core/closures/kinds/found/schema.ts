import * as v from "valibot";
import { closureBase } from "../../base/schema";

/** The doors or the lid it came with. */
export const FoundClosureSchema = v.object({ ...closureBase, kind: v.literal("found") });
export type FoundClosure = v.InferOutput<typeof FoundClosureSchema>;

/** The doors or lid a shell came with, as yet without a lock. */
export const foundClosure = (opening: string): FoundClosure => ({
  ...{ id: opening, opening, origin: "found", lock: null },
  kind: "found",
});
