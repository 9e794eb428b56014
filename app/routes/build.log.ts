import * as v from "valibot";
import { formatLocal } from "#core/design/localTime";
import { LogEntrySchema } from "#core/log/schema";
import { addToLog } from "#db/log";
import { openDatabase } from "#db/open";
import { hasPhoto } from "#db/photos";
import { readStock } from "#db/workshop";
import { readJson } from "../body.server";
import { nowMinutes } from "../clock.server";
import type { Route } from "./+types/build.log";

/** More than a fortnight of readings, or a day at the saw, that was waiting for the server. */
const MOST_AT_ONCE = 500;
/** What was made longer ago than this was dated by a clock that was wrong; ms. */
const MOST_AGO_MS = 60 * 24 * 3600 * 1000;

const EntriesSchema = v.pipe(
  v.array(
    v.object({
      ...v.omit(LogEntrySchema, ["at"]).entries,
      /** How long before it was sent it was made, by the sender's own clock. */
      agoMs: v.optional(v.pipe(v.number(), v.finite()), 0),
    }),
  ),
  v.minLength(1),
  v.maxLength(MOST_AT_ONCE),
);

const CLOCK_SAYS =
  "This device's clock was set otherwise since an entry was made: that entry is dated now. See whether its clock is right.";

/**
 * Adds entries to a build's log, in their order; the workshop's clock dates them, less how long ago they were made. All of
 * them are kept, or none.
 */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const read = v.safeParse(EntriesSchema, json.value);
  if (!read.success) return refuse("This entry could not be read. Nothing was kept; open the page again.", 400);
  for (const { event } of read.output)
    if (event.kind === "photo" && !(await hasPhoto(params.id, event.photo)))
      return refuse("The photograph of this entry has not arrived. Nothing was kept; take it again.", 422);
  const { db } = await openDatabase();
  const now = await nowMinutes(db);
  const believed = (agoMs: number) => agoMs >= 0 && agoMs <= MOST_AGO_MS;
  const kept = await addToLog(
    db,
    params.id,
    read.output.map(({ id, event, agoMs }) => ({
      ...{ id, event },
      at: formatLocal(Math.floor(now - (believed(agoMs) ? agoMs / 60_000 : 0))),
    })),
  );
  if (!kept) return refuse("There is no such build any more.", 404);
  if (!kept.ok) return refuse(kept.message, 422);
  const said = read.output.every(({ agoMs }) => believed(agoMs)) ? null : CLOCK_SAYS;
  return Response.json({ message: null, said, kept: kept.value, stock: await readStock(db), clock: now });
}
