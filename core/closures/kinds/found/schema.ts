import * as v from "valibot";
import { closureBase } from "../../base/schema";

/** The doors or the lid it came with. */
export const FoundClosureSchema = v.object({
  ...closureBase,
  kind: v.literal("found"),
  /** Two schools: doors come off for the work and are hung again, or the work is done through the opening. */
  forWork: v.exactOptional(v.picklist(["undecided", "off", "on"])),
});
export type FoundClosure = v.InferOutput<typeof FoundClosureSchema>;

/** The doors or lid a shell came with, as yet without a lock. */
export const foundClosure = (opening: string): FoundClosure => ({
  ...{ id: opening, opening, origin: "found", lock: null },
  ...{ kind: "found", forWork: "undecided" },
});
