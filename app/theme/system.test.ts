import { readdirSync, readFileSync } from "node:fs";
import { resolve } from "node:path";
import { recipes, slotRecipes } from "@chakra-ui/react/theme";
import { describe, expect, it } from "vitest";
import { system } from "./system";

/** What the app takes from the library, by name. */
const taken = new Set(
  readdirSync(resolve(import.meta.dirname, ".."), { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith(".tsx"))
    .flatMap((name) => [
      ...readFileSync(resolve(import.meta.dirname, "..", name), "utf8").matchAll(
        /import \{([^}]*)\} from "@chakra-ui\/react"/g,
      ),
    ])
    .flatMap(([, names]) => names!.split(",").map((n) => n.trim()))
    .filter((name) => name !== ""),
);
const keyOf = (name: string) => name[0]!.toLowerCase() + name.slice(1);

describe("the theme", () => {
  it("has the recipe of every component the app uses: without it one is shown bare", () => {
    expect(taken).toContain("Button");
    for (const name of taken) {
      const key = keyOf(name);
      if (key in recipes) expect(system.isRecipe(key), name).toBe(true);
      if (key in slotRecipes) expect(system.isSlotRecipe(key), name).toBe(true);
    }
  });

  it("knows every colour in both themes, and those the library's own recipes ask for", () => {
    for (const name of ["paper", "sheet", "ink", "muted", "fern", "stop", "mind", "note", "water", "clay"])
      expect(system.token(`colors.${name}`), name).toMatch(/^#|var/);
    const asked = JSON.stringify(system._config.theme!.recipes) + JSON.stringify(system._config.theme!.slotRecipes);
    for (const [, name] of asked.matchAll(/"((?:bg|fg|border|gray|red|green|blue|orange)\.[a-z0-9]+)"/g))
      expect(system.tokens.getByName(`colors.${name}`), name).toBeDefined();
  });
});
