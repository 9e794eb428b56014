import { and, desc, eq, notInArray } from "drizzle-orm";
import * as v from "valibot";
import { type DayAnswer, DayAnswerSchema } from "../core/day/answer";
import type { Database } from "./open";
import { days } from "./schema";

/** So many are kept of a build: as many designs back undo finds its day at once. */
export const DAYS_KEPT = 12;

/** The days kept of a build's air, newest first; what cannot be read is worked out again. */
export async function readDays(db: Database, buildId: string): Promise<DayAnswer[]> {
  const rows = await db
    .select({ answer: days.answer })
    .from(days)
    .where(eq(days.buildId, buildId))
    .orderBy(desc(days.keptAt));
  return rows.flatMap(({ answer }) => {
    const read = v.safeParse(DayAnswerSchema, answer);
    return read.success ? [read.output] : [];
  });
}

/** Keeps a day, and lets go of the oldest. */
export async function writeDay(db: Database, buildId: string, answer: DayAnswer): Promise<void> {
  const keptAt = new Date();
  await db
    .insert(days)
    .values({ buildId, key: answer.key, answer, keptAt })
    .onConflictDoUpdate({ target: [days.buildId, days.key], set: { answer, keptAt } });
  const newest = await db
    .select({ key: days.key })
    .from(days)
    .where(eq(days.buildId, buildId))
    .orderBy(desc(days.keptAt))
    .limit(DAYS_KEPT);
  const keys = newest.map(({ key }) => key);
  await db.delete(days).where(and(eq(days.buildId, buildId), notInArray(days.key, keys)));
}
