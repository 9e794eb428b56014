import { rememberingNester } from "#core/cuts/nester";
import { checkDesign } from "#core/document/check";
import { type Plan, type PlanInput, plan } from "#core/plan";
import { fail, ok, type Result } from "#core/units/result";
import { readNewest } from "#db/builds";
import { readDays } from "#db/days";
import { readLog, readOthers } from "#db/log";
import { readNestings } from "#db/nestings";
import { openDatabase } from "#db/open";
import { readBook, readStock, readWorkshop } from "#db/workshop";
import { localNow } from "./clock.server";

/** Randomness in the plan is seeded alike everywhere, so that two machines compute the same numbers. */
const SEED = 1;

/** What a build is planned with, the revision it stands at, and the ids of log entries that could not be read. */
export type StoredInput = PlanInput & { revision: number; unread: string[] };

/**
 * Everything a build is planned with, as it stands in the database.
 * @returns it, or why it cannot be read or planned; undefined without such a build
 */
export async function planInputOf(id: string): Promise<Result<StoredInput> | undefined> {
  const { db } = await openDatabase();
  const newest = await readNewest(db, id);
  if (!newest?.ok) return newest;
  const [book, stock, workshop, now, { log, unread }, others, nestings, days] = await Promise.all([
    readBook(db),
    readStock(db),
    readWorkshop(db),
    localNow(db),
    readLog(db, id),
    readOthers(db, id),
    readNestings(db, id),
    readDays(db, id),
  ]);
  const problems = checkDesign(newest.value.design, book);
  if (problems.length > 0)
    return fail(
      `This build cannot be planned with your materials book: ${problems.map((p) => p.message).join(" ")} Every save of it is kept.`,
    );
  return ok({
    ...newest.value,
    ...{ log, unread, ...others, nestings, days, book, stock, workshop, now, seed: SEED },
  });
}

/** Remembers nestings from one request to the next: the same parts are asked for by every page of a build. */
const nester = rememberingNester(256);

/** A build's plan on the server. */
export const planOnServer = (input: PlanInput): Plan => plan(input, nester);
