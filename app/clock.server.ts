import { formatLocal, type LocalMinutes } from "#core/design/localTime";
import type { Database } from "#db/open";
import { readPinnedMinutes } from "#db/workshop";

/** This machine's local time, in minutes with what is left of them. */
function machineMinutes(): LocalMinutes {
  const now = new Date();
  return now.getTime() / 60_000 - now.getTimezoneOffset();
}

/** Local time of the workshop, in minutes: the demo's own clock, or this machine's. */
export const nowMinutes = async (db: Database): Promise<LocalMinutes> =>
  (await readPinnedMinutes(db, Date.now())) ?? machineMinutes();

/** The same as the diary wants it: `2026-03-02T09:00`. */
export const localNow = async (db: Database): Promise<string> => formatLocal(Math.floor(await nowMinutes(db)));
