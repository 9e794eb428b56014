import { describe, expect, it } from "vitest";
import { RECIPES } from "./mix";
import { keepRecipe } from "./recipes";

describe("the workshop's own recipes", () => {
  const [first, second] = RECIPES;
  it("are kept by their names, each with an id of its own", () => {
    const list = keepRecipe(keepRecipe([], "Bog, wet", first!.mix), "bog wet!", second!.mix);
    expect(list.map((r) => [r.id, r.name])).toEqual([
      ["bog-wet", "Bog, wet"],
      ["bog-wet-2", "bog wet!"],
    ]);
  });
  it("make way for one of the same name", () => {
    const list = keepRecipe(keepRecipe([], "Bog", first!.mix), "bog", second!.mix);
    expect(list).toEqual([{ id: "bog", name: "bog", mix: second!.mix }]);
  });
});
