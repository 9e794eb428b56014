import type { Log, LogEntry } from "./schema";

/** The log without what was taken back, and without the taking back. */
export function standing(log: Log): LogEntry[] {
  const gone = new Set(log.flatMap(({ event }) => (event.kind === "taken-back" ? [event.entry] : [])));
  return log.filter(({ id, event }) => event.kind !== "taken-back" && !gone.has(id));
}
