import * as v from "valibot";
import { readBuild } from "#core/document/read";
import { saveRevision } from "#db/builds";
import { openDatabase } from "#db/open";
import { readBook } from "#db/workshop";
import { readJson } from "../body.server";
import type { Route } from "./+types/build.save";

const SaveSchema = v.object({ base: v.nullable(v.pipe(v.number(), v.integer())), design: v.unknown() });

/** Keeps a design as the next revision; answers 409 with the newest when someone else saved meanwhile. */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ saved: false, message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const read = v.safeParse(SaveSchema, json.value);
  if (!read.success) return refuse("This save names no revision it started from. Nothing was changed.", 400);
  const { db } = await openDatabase();
  const design = readBuild(read.output.design, await readBook(db));
  if (!design.ok) return refuse(design.message, 422);
  const answer = await saveRevision(db, params.id, read.output.base, design.value, "edited");
  if (!answer) return refuse("There is no such build any more.", 404);
  return Response.json(answer, { status: answer.saved ? 200 : "message" in answer ? 422 : 409 });
}
