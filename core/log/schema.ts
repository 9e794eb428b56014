import * as v from "valibot";
import { LocalTimeSchema } from "../design/basics";
import { EVENTS } from "../trades/schema";

/** What happened at the bench, oldest first; entries are only ever added. `at` is local time, `2026-03-02T09:00`. */
export const LogEntrySchema = v.object({
  id: v.pipe(v.string(), v.nonEmpty(), v.maxLength(80)),
  at: LocalTimeSchema,
  event: v.variant("kind", EVENTS),
});
export type LogEntry = v.InferOutput<typeof LogEntrySchema>;

export const LogSchema = v.array(LogEntrySchema);
export type Log = v.InferOutput<typeof LogSchema>;
