import type { LogEntry } from "./schema";

/**
 * What an entry is about that another entry had to bring in first: the sheet at the saw, the water test. Undefined where it
 * stands by itself.
 */
export function subjectOf(event: LogEntry["event"]): string | undefined {
  if ("sheet" in event) return typeof event.sheet === "string" ? event.sheet : event.sheet.id;
  return "test" in event ? event.test : undefined;
}
