import type { SettledStep } from "../ledgers/ledger";
import { ofKind } from "../log/ofKind";
import type { LogEntry } from "../log/schema";
import type { Photo } from "./schema";

/** A photograph with when it was taken, local time. */
export interface Taken extends Photo {
  at: string;
}

/**
 * Photographs of something, the newest first: of itself, of its face, or of a step that is done to it.
 * @param of its id, and the face it is on
 */
export function photosOf(
  log: LogEntry[],
  steps: readonly Pick<SettledStep, "id" | "about">[],
  of: { id: string; face?: string | undefined },
): Taken[] {
  const own = new Set([of.id, ...steps.flatMap((s) => (s.about?.thing === of.id ? [s.id] : []))]);
  return ofKind(log, "photo")
    .flatMap(({ at, event }): Taken[] => {
      const isOf = own.has(event.of.id) || (event.of.kind === "face" && event.of.id === of.face);
      return isOf ? [{ ...event, at }] : [];
    })
    .reverse();
}
