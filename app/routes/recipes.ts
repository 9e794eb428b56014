import { data } from "react-router";
import * as v from "valibot";
import { keepRecipe, OwnRecipeSchema, OwnRecipesSchema } from "#core/ground/recipes";
import { openDatabase } from "#db/open";
import { readRecipes, writeRecipes } from "#db/workshop";
import { readJson } from "../body.server";
import type { Route } from "./+types/recipes";

/** The workshop's own mixes. */
export async function loader(_: Route.LoaderArgs) {
  const { db } = await openDatabase();
  return { recipes: await readRecipes(db) };
}

const SentSchema = v.pick(OwnRecipeSchema, ["name", "mix"]);

/** Keeps a mix under a name. */
export async function action({ request }: Route.ActionArgs) {
  const body = await readJson(request);
  if (!body.ok) return data({ message: body.message }, { status: body.status });
  const refuse = (why: string) => data({ message: `${why} Nothing was kept.` }, { status: 400 });
  const sent = v.safeParse(SentSchema, body.value);
  if (!sent.success) return refuse(sent.issues[0].message);
  const { db } = await openDatabase();
  const list = v.safeParse(OwnRecipesSchema, keepRecipe(await readRecipes(db), sent.output.name, sent.output.mix));
  if (!list.success) return refuse(list.issues[0].message);
  await writeRecipes(db, list.output);
  return { message: null };
}
