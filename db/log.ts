import { and, asc, eq } from "drizzle-orm";
import * as v from "valibot";
import { isCutEvent } from "../core/cuts/record/events";
import { freeRackName, stockAfter } from "../core/cuts/record/rack";
import { type LogEntry, LogEntrySchema } from "../core/log/log";
import { ok, type Result } from "../core/units/result";
import type { Database } from "./open";
import { builds, events } from "./schema";
import { readStock, writeStock } from "./workshop";

/** A build's log, oldest first. */
export async function readLog(db: Database, buildId: string): Promise<LogEntry[]> {
  const rows = await db
    .select({ id: events.id, at: events.at, event: events.event })
    .from(events)
    .where(eq(events.buildId, buildId))
    .orderBy(asc(events.seq));
  return rows.filter((row) => v.is(LogEntrySchema, row));
}

/** The logs of all builds, one after the other: what an offcut was called in any of them it is not to be called again. */
export async function readAllLogs(db: Database): Promise<LogEntry[]> {
  const rows = await db
    .select({ id: events.id, at: events.at, event: events.event })
    .from(events)
    .orderBy(asc(events.seq));
  return rows.filter((row) => v.is(LogEntrySchema, row));
}

/** Brings a log in with the build it belongs to; the rack here is left as it is. */
export async function bringLog(db: Database, buildId: string, log: readonly LogEntry[]): Promise<void> {
  for (const entry of log) await db.insert(events).values({ buildId, ...entry });
}

/** What the page sends for an offcut's name: the rack gives it one. */
export const NEW_OFFCUT = "new";

/**
 * Adds an entry to a build's log, and changes the rack with it where the event does. An entry already there is kept once.
 * @returns the entry as kept, or why it cannot be; undefined without such a build
 */
export async function addToLog(db: Database, buildId: string, entry: LogEntry): Promise<Result<LogEntry> | undefined> {
  return db.transaction(async (raw) => {
    const tx = raw as unknown as Database;
    const [build] = await tx.select().from(builds).where(eq(builds.id, buildId)).for("update");
    if (!build) return undefined;
    const [known] = await tx
      .select({ id: events.id, at: events.at, event: events.event })
      .from(events)
      .where(and(eq(events.buildId, buildId), eq(events.id, entry.id)));
    if (known) return ok(known);
    const [log, stock] = await Promise.all([readLog(tx, buildId), readStock(tx)]);
    const event =
      entry.event.kind === "piece-racked" && entry.event.offcut === NEW_OFFCUT
        ? { ...entry.event, offcut: freeRackName(stock, await readAllLogs(tx)) }
        : entry.event;
    const after = isCutEvent(event) ? stockAfter(stock, log, event, build.name) : ok(stock);
    if (!after.ok) return after;
    if (after.value !== stock) await writeStock(tx, after.value);
    const kept = { ...entry, event };
    await tx.insert(events).values({ buildId, ...kept });
    return ok(kept);
  });
}
