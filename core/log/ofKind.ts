import type { Log, LogEntry } from "./schema";
import { standing } from "./standing";

type Event = LogEntry["event"];
/** An entry that tells of one kind of thing. */
export interface EntryOf<K extends Event["kind"]> extends Omit<LogEntry, "event"> {
  event: Extract<Event, { kind: K }>;
}

/**
 * The entries of one kind that stand, oldest first: those taken back are not among them.
 * @param log of one build, oldest first
 */
export const ofKind = <K extends Event["kind"]>(log: Log, kind: K): EntryOf<K>[] =>
  standing(log).filter((entry): entry is LogEntry & EntryOf<K> => entry.event.kind === kind);
