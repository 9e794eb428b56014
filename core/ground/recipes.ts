import * as v from "valibot";
import { id, text } from "../design/basics";
import { type Recipe, RecipeSchema } from "./layers/schema";

/** A recipe of the workshop's own, kept for its next builds. */
export const OwnRecipeSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give the recipe a name.")),
  mix: RecipeSchema,
});
export type OwnRecipe = v.InferOutput<typeof OwnRecipeSchema>;

export const OwnRecipesSchema = v.pipe(v.array(OwnRecipeSchema), v.maxLength(100, "At most a hundred recipes."));

/** The list with one more; a recipe of the same name makes way for it. */
export function keepRecipe(list: readonly OwnRecipe[], name: string, mix: Recipe): OwnRecipe[] {
  const slug = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  let own = slug || "recipe";
  const others = list.filter((r) => r.name.toLowerCase() !== name.toLowerCase());
  for (let n = 2; others.some((r) => r.id === own); n++) own = `${slug || "recipe"}-${n}`;
  return [...others, { id: own, name, mix }];
}
