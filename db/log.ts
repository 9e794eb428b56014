import { and, asc, desc, eq, inArray, max, type SQL, sql } from "drizzle-orm";
import * as v from "valibot";
import { pastWork } from "../core/bench/past";
import { freeRackName } from "../core/cuts/record/rack";
import { ofKind } from "../core/log/ofKind";
import { type LogEntry, LogEntrySchema } from "../core/log/schema";
import type { PastWork, Regret } from "../core/rates/schema";
import { moveStock } from "../core/trades/movers";
import { fail, ok, type Result } from "../core/units/result";
import { isId } from "./builds";
import type { Database } from "./open";
import { builds, events } from "./schema";
import { readStock, writeStock } from "./workshop";

/** A log as far as this version can read it. */
export interface ReadLog {
  /** Oldest first. */
  log: LogEntry[];
  /** Ids of entries that are kept but cannot be read here, such as those of a newer version. */
  unread: string[];
}

async function readWhere(db: Database, which: SQL | undefined): Promise<ReadLog> {
  const rows = await db
    .select({ id: events.id, at: events.at, event: events.event })
    .from(events)
    .where(which)
    .orderBy(asc(events.seq));
  const log: LogEntry[] = [];
  const unread: string[] = [];
  for (const row of rows) {
    const read = v.safeParse(LogEntrySchema, row);
    if (read.success) log.push(read.output);
    else unread.push(row.id);
  }
  return { log, unread };
}

/** A build's log, and what of it could not be read. */
export const readLog = (db: Database, buildId: string): Promise<ReadLog> => readWhere(db, eq(events.buildId, buildId));

/** The logs of all builds, one after the other: what an offcut was called in any of them it is not to be called again. */
export const readAllLogs = async (db: Database): Promise<LogEntry[]> => (await readWhere(db, undefined)).log;

/** Kinds of entries that teach the next build. */
const WORK_KINDS = ["step-begun", "step-left", "step-done", "step-again", "regret", "taken-back"];
/** Entries looked at, the newest: more tell of a hand that has changed since. */
const MOST_PAST = 4000;

/** What each build's log teaches, as of the newest entry there is; read once for all pages that ask. */
interface Taught {
  newest: number;
  byBuild: Map<string, PastWork[]>;
  regrets: (Regret & { buildId: string })[];
}
const taught = new WeakMap<Database, Taught>();

async function readTaught(db: Database): Promise<Taught> {
  const [top] = await db.select({ newest: max(events.seq) }).from(events);
  const newest = top?.newest ?? 0;
  const known = taught.get(db);
  if (known?.newest === newest) return known;
  const rows = await db
    .select({ buildId: events.buildId, build: builds.name, id: events.id, at: events.at, event: events.event })
    .from(events)
    .innerJoin(builds, eq(builds.id, events.buildId))
    .where(inArray(sql`${events.event}->>'kind'`, WORK_KINDS))
    .orderBy(desc(events.seq))
    .limit(MOST_PAST);
  const logs = new Map<string, { build: string; log: LogEntry[] }>();
  for (const { buildId, build, ...row } of rows.reverse()) {
    const read = v.safeParse(LogEntrySchema, row);
    if (!read.success) continue;
    const of = logs.get(buildId) ?? { build, log: [] };
    of.log.push(read.output);
    logs.set(buildId, of);
  }
  const byBuild = new Map([...logs].map(([buildId, { log }]) => [buildId, pastWork(log)]));
  const regrets = [...logs].flatMap(([buildId, { build, log }]) =>
    ofKind(log, "regret").map(({ id, event: { what, stage } }) => ({ buildId, id, what, stage, build })),
  );
  const now = { newest, byBuild, regrets };
  taught.set(db, now);
  return now;
}

/** Regrets offered to the next build, the newest; older ones were heeded or forgotten. */
const MOST_REGRETS = 20;

/** What other builds teach of this builder's hand, and what their benches would have done otherwise, the newest last. */
export async function readOthers(db: Database, butBuild: string): Promise<{ past: PastWork[]; regrets: Regret[] }> {
  const { byBuild, regrets } = await readTaught(db);
  return {
    past: [...byBuild].flatMap(([build, past]) => (build === butBuild ? [] : past)),
    regrets: regrets.flatMap(({ buildId, ...regret }) => (buildId === butBuild ? [] : [regret])).slice(-MOST_REGRETS),
  };
}

/** Brings a log in with the build it belongs to; the rack here is left as it is. */
export async function bringLog(db: Database, buildId: string, log: readonly LogEntry[]): Promise<void> {
  for (const entry of log) await db.insert(events).values({ buildId, ...entry });
}

/** What the page sends for an offcut's name: the rack gives it one. */
export const NEW_OFFCUT = "new";

/** Ends a transaction without keeping anything of it. */
class Refused extends Error {}

/**
 * Adds entries that belong together to a build's log, in their order, and changes the rack with them where an event does:
 * all of them, or none. An entry already there is kept once.
 * @returns the entries as kept, or why none of them is; undefined without such a build
 */
export async function addToLog(
  db: Database,
  buildId: string,
  entries: readonly LogEntry[],
): Promise<Result<LogEntry[]> | undefined> {
  if (!isId(buildId)) return undefined;
  try {
    return await db.transaction(async (tx) => {
      const [build] = await tx.select().from(builds).where(eq(builds.id, buildId)).for("update");
      if (!build) return undefined;
      const kept: LogEntry[] = [];
      for (const entry of entries) {
        const added = await addOne(tx, build, entry);
        if (!added.ok) throw new Refused(added.message);
        kept.push(added.value);
      }
      return ok(kept);
    });
  } catch (error) {
    if (error instanceof Refused) return fail(error.message);
    throw error;
  }
}

async function addOne(tx: Database, build: { id: string; name: string }, entry: LogEntry): Promise<Result<LogEntry>> {
  const known = await readWhere(tx, and(eq(events.buildId, build.id), eq(events.id, entry.id)));
  if (known.log[0]) return ok(known.log[0]);
  const [{ log }, stock] = await Promise.all([readLog(tx, build.id), readStock(tx)]);
  const event =
    entry.event.kind === "piece-racked" && entry.event.offcut === NEW_OFFCUT
      ? { ...entry.event, offcut: freeRackName(stock, await readAllLogs(tx)) }
      : entry.event;
  const moved = moveStock(stock, log, { ...entry, event }, build.name);
  if (!moved.ok) return moved;
  if (moved.value.stock !== stock) await writeStock(tx, moved.value.stock);
  const kept = moved.value.entry;
  await tx.insert(events).values({ buildId: build.id, ...kept });
  return ok(kept);
}
