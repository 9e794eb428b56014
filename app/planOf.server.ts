import { rememberingNester } from "#core/cuts/nester";
import { type Plan, type PlanInput, plan } from "#core/plan";
import { readNewest } from "#db/builds";
import { readLog } from "#db/log";
import { readNestings } from "#db/nestings";
import { openDatabase } from "#db/open";
import { readBook, readPinnedNow, readStock, readWorkshop } from "#db/workshop";
import { localNow } from "./clock.server";

/** Randomness in the plan is seeded alike everywhere, so that two machines compute the same numbers. */
const SEED = 1;

/** Everything a build is planned with, as it stands in the database; undefined without such a build. */
export async function planInputOf(id: string): Promise<(PlanInput & { revision: number }) | undefined> {
  const { db } = await openDatabase();
  const newest = await readNewest(db, id);
  if (!newest) return undefined;
  const [book, stock, workshop, pinned, log, nestings] = await Promise.all([
    readBook(db),
    readStock(db),
    readWorkshop(db),
    readPinnedNow(db),
    readLog(db, id),
    readNestings(db, id),
  ]);
  return { ...newest, log, nestings, book, stock, workshop, now: pinned ?? localNow(), seed: SEED };
}

/** Remembers nestings from one request to the next: the same parts are asked for by every page of a build. */
const nester = rememberingNester(256);

/** A build's plan on the server. */
export const planOnServer = (input: PlanInput): Plan => plan(input, nester);
