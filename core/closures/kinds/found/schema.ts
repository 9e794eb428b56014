import * as v from "valibot";
import { lock } from "../../lock/schema";

/** The doors or the lid it came with. */
export const FoundClosureSchema = v.object({ kind: v.literal("found"), lock });
