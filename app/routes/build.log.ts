import * as v from "valibot";
import { LogEntrySchema } from "#core/log/schema";
import { addToLog } from "#db/log";
import { openDatabase } from "#db/open";
import { readPinnedNow, readStock } from "#db/workshop";
import { readJson } from "../body.server";
import { localNow } from "../clock.server";
import type { Route } from "./+types/build.log";

/** More than a fortnight of readings, or a day at the saw, that was waiting for the server. */
const MOST_AT_ONCE = 500;

const EntriesSchema = v.pipe(v.array(v.omit(LogEntrySchema, ["at"])), v.minLength(1), v.maxLength(MOST_AT_ONCE));

/** Adds entries to a build's log, in their order; the workshop's clock dates them. All of them are kept, or none. */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const read = v.safeParse(EntriesSchema, json.value);
  if (!read.success) return refuse("This entry could not be read. Nothing was kept; open the page again.", 400);
  const { db } = await openDatabase();
  const at = (await readPinnedNow(db)) ?? localNow();
  const kept = await addToLog(
    db,
    params.id,
    read.output.map((entry) => ({ ...entry, at })),
  );
  if (!kept) return refuse("There is no such build any more.", 404);
  if (!kept.ok) return refuse(kept.message, 422);
  return Response.json({ message: null, kept: kept.value, stock: await readStock(db) });
}
