import { data } from "react-router";
import * as v from "valibot";
import { isSound, KeptNestingSchema } from "#core/cuts/kept";
import { readNewest } from "#db/builds";
import { writeNesting } from "#db/nestings";
import { openDatabase } from "#db/open";
import { readJson } from "../body.server";
import type { Route } from "./+types/build.nestings";

/** Keeps a better nesting that a page's search has found, once it is checked to be one. */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => data({ message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const read = v.safeParse(KeptNestingSchema, json.value);
  if (!read.success || !isSound(read.output))
    return refuse("This nesting is not sound; the last one stays in force.", 422);
  const { db } = await openDatabase();
  if (!(await readNewest(db, params.id))) return refuse("There is no such build any more.", 404);
  await writeNesting(db, params.id, read.output);
  return { message: null };
}
