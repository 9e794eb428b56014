import { data } from "react-router";
import * as v from "valibot";
import { DayAnswerSchema } from "#core/day/answer";
import { readNewest } from "#db/builds";
import { writeDay } from "#db/days";
import { openDatabase } from "#db/open";
import { readJson } from "../body.server";
import type { Route } from "./+types/build.day";

/** Keeps a day of a build's air that a page has worked out. */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => data({ message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const read = v.safeParse(DayAnswerSchema, json.value);
  if (!read.success)
    return refuse("This is no day of a build’s air; it is worked out again when it is asked for.", 422);
  const { db } = await openDatabase();
  if (!(await readNewest(db, params.id))) return refuse("There is no such build any more.", 404);
  await writeDay(db, params.id, read.output);
  return data({ message: null });
}
