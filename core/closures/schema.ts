import * as v from "valibot";
import { CLOSURE_SCHEMAS } from "./schemas";
import { CatchTriedSchema } from "./shutting/schema";
import { GapTriedSchema } from "./walk/schema";

/** A closure as it is written in the Build document. */
const ClosureSchema = v.variant("kind", CLOSURE_SCHEMAS);
export type Closure = v.InferOutput<typeof ClosureSchema>;

/** What closes the shell's openings; an opening that none names stands open. */
const ClosuresSchema = v.pipe(
  v.array(ClosureSchema),
  v.maxLength(12, "At most twelve closures."),
  v.check((list) => new Set(list.map((c) => c.opening)).size === list.length, "An opening has one closure."),
);

export const closuresSchemas = {
  part: { closures: { schema: ClosuresSchema, bare: (): Closure[] => [] } },
  events: [GapTriedSchema, CatchTriedSchema],
};
