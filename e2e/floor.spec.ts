import { expect, type Page } from "@playwright/test";
import { begin as beginBy } from "./begin";
import { choose, goOn, Hand, inHand, letGo, open, putIn, saved, take, toldAndCleared, type, undoAll } from "./hand";
import { test } from "./site";

/** An empty glass shell of a size, in millimetres outside. */
async function begin(page: Page, kind: string, name: string, sizes: readonly (readonly [string, string])[]) {
  await page.goto(`/new?kind=${kind}`);
  await page.getByLabel("Name").fill(name);
  for (const [label, text] of sizes) await page.getByLabel(label).fill(text);
  await page.getByRole("button", { name: "Start the build" }).click();
  await page.waitForURL(/\/builds\/[^/]+\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await goOn(page, "ground");
}

const addLayer = async (page: Page, kind: string) => {
  await letGo(page);
  await page.getByRole("combobox", { name: "Add a layer", exact: true }).selectOption({ label: kind });
};
test("land and water that share one level are built from nothing, and every drawing agrees", async ({ page }) => {
  await begin(page, "tank", "Shared level", [
    ["Length outside", "758"],
    ["Width outside", "378"],
    ["Height outside", "406"],
  ]);
  await letGo(page);
  await type(page, "Substrate's top, at the back", "110");
  await type(page, "Standing water, how deep", "60");
  await addLayer(page, "drainage layer");
  await type(page, "How deep", "50");
  await addLayer(page, "drainage layer");
  await choose(page, "Of", "gravel");
  await type(page, "How deep", "20");
  await addLayer(page, "mix");
  await choose(page, "Start from a recipe", "Open bark and fern");
  await putIn(page, "a divider");
  await type(page, "High", "150");
  await choose(page, "Layer 1", "mesh");
  await page.getByRole("button", { name: "Add a layer of the same" }).click();
  for (const n of [0, 1]) {
    const along = inHand(page).getByRole("textbox", { name: "and from the left" }).nth(n);
    await along.fill("315");
    await along.blur();
  }
  await inHand(page).getByText("Keeps one side dry", { exact: true }).click();
  await putIn(page, "a pool");
  await expect(inHand(page).getByRole("combobox", { name: "Takes" })).toHaveValue("divider-1:b");
  await choose(page, "What falls in gets out by", "stacked stones");
  await putIn(page, "a service box");
  await type(page, "Its middle, from the left", "705");
  await type(page, "Its middle, from the front", "325");
  await expect(inHand(page).getByRole("textbox", { name: "High", exact: true })).toHaveValue("");
  await saved(page);
  // 9.66 L of pool and 2.94 L in the land, less mesh and the box's own sides.
  await expect(page.getByText(/^9\.61 L/).first()).toBeVisible();
  await expect(page.getByText("12.5 L").first()).toBeVisible();
  const section = page.getByRole("img", { name: /^Section left to right/ });
  for (const kind of ["drain-1", "drain-2", "mix-1", "divider-divider-1"])
    await expect(section.locator(`[data-piece^='${kind}']`).first()).toBeVisible();
  await page.getByRole("button", { name: "Net", exact: true }).click();
  await expect(page.getByText(/^(pool )?9\.6\d? L$/).first()).toBeVisible();
  await expect(page.locator("[data-piece='box-1']")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Divider\. Enter/ })).toBeVisible();
});

test("a tall glass is fitted from nothing: branch, stump, sunk pail, two wall planters, a plant on a slab", async ({
  page,
}) => {
  const hand = new Hand(page);
  await beginBy(page, hand, /^Front-opening glass/, "Tall glass", ["45 cm", "45 cm", "90 cm"]);
  await goOn(page, "ground");
  await letGo(page);
  await type(page, "Substrate's top, at the back", "9 cm");
  await putIn(page, "a stump");
  await putIn(page, "a branch");
  await putIn(page, "a pail");
  await type(page, "Across, outside", "14 cm");
  await type(page, "Front to back, outside", "14 cm");
  await type(page, "Deep, inside", "8 cm");
  await type(page, "Filled", "6 cm");
  await type(page, "Its middle, from the left", "32 cm");
  await type(page, "Its middle, from the front", "12 cm");
  await goOn(page, "background");
  const onWall = page.getByRole("combobox", { name: "Put on the wall" });
  for (const [what, left] of [
    ["planter", "10 cm"],
    ["planter", "34 cm"],
    ["slab", "22 cm"],
  ] as const) {
    await onWall.selectOption({ label: what });
    await type(page, "Middle from the left", left);
    await type(page, "Middle above the base", "60 cm");
  }
  await type(page, "Wide", "20 cm");
  await goOn(page, "ground");
  await putIn(page, "a plant");
  await choose(page, "Grows on or in", "Slab");
  await choose(page, "Held there", "pinned with stainless wire");
  await type(page, "Grown, across", "15 cm");
  await saved(page);
  await page.getByRole("button", { name: "Net", exact: true }).click();
  for (const id of ["stump-1", "branch-1", "pail"]) await expect(page.locator(`[data-piece^='${id}']`)).toBeVisible();
  await page.getByRole("button", { name: "Sections", exact: true }).click();
  await expect(page.locator("[data-piece='branch-1']").first()).toBeVisible();
  // Nothing of it stops the build but what its own residents and gaps do.
  await expect(
    page.locator("[data-rule^='hardscape/'], [data-rule^='vessels/']").filter({ hasText: "Stops" }),
  ).toHaveCount(0);
  await goOn(page, "buying");
  for (const item of ["Plant in its pot", "Stainless wire, 1 mm", "Net pot"])
    await expect(page.getByText(item, { exact: true }).first()).toBeVisible();
  await expect(page.getByText(/^Left out of it, and of the cost: the shell itself/)).toBeVisible();
  await goOn(page, "diary");
  for (const id of ["hardscape/dry-fit", "hardscape/base", "vessels/set", "ground/plant"])
    await expect(page.locator(`[data-step='${id}']`)).toBeVisible();
});

test("what stands on the floor is told where it is wrong, and each fix clears it", async ({ page }) => {
  await begin(page, "tank", "Made wrong on purpose", [
    ["Length outside", "612"],
    ["Width outside", "312"],
    ["Height outside", "406"],
  ]);
  await letGo(page);
  await type(page, "Substrate's top, at the back", "120");
  await type(page, "Standing water, how deep", "60");
  await putIn(page, "a divider");
  await type(page, "High", "100");
  await putIn(page, "a pool");
  await choose(page, "What falls in gets out by", "stacked stones");
  await putIn(page, "moving water");
  await type(page, "Its label: most flow, L/h", "300");
  await type(page, "Its label: most head", "600");
  await type(page, "It needs water to", "20");
  // A pool that overflows when its pump stops, then one that is dry in four days.
  await type(page, "Falls back when it stops, mL", "5000");
  await toldAndCleared(page, "streams/overflows", /^Let the water stand/);
  await type(page, "Falls back when it stops, mL", "400");
  await type(page, "Intake, above the base", "20");
  await type(page, "Left alone at the most, days", "8");
  await toldAndCleared(page, "streams/dry-while-away", /^Let the water stand/);
  // A dish whose rim is under moss; a galvanised pail, deeper than its substrate.
  await addLayer(page, "moss");
  await putIn(page, "a dish");
  await type(page, "Its middle, from the left", "120");
  await type(page, "Its rim, over the substrate", "10");
  await toldAndCleared(page, "vessels/rim-under", /^Raise its rim/);
  await putIn(page, "a pail");
  await type(page, "Its middle, from the left", "150");
  await choose(page, "Of", "galvanised steel");
  await toldAndCleared(page, "vessels/deeper-than-substrate", /^Let its rim stand/);
  await toldAndCleared(page, "vessels/zinc", /^Seal it inside/);
  // A divider that misses its wall, of mesh and said to keep one side dry.
  await take(page, "Divider");
  const along = inHand(page).getByRole("textbox", { name: "and from the left" }).first();
  await along.fill("900");
  await along.blur();
  await toldAndCleared(page, "dividers/meets-no-wall", /^Set its end/);
  await saved(page);
});

test("a plant outgrows its slab, a ledge hangs by silicone on foam, a stone stands on what is dug, a box does not pass", async ({
  page,
}) => {
  await open(page, "/builds/flat-pack-1500/ground");
  await putIn(page, "a stone");
  await choose(page, "Stands on", "the substrate");
  await type(page, "Weighed, kg", "4");
  await toldAndCleared(page, "hardscape/on-dug-ground", /^Stand it on the base/);
  await putIn(page, "a plant");
  await choose(page, "Grows on or in", "Slate");
  await toldAndCleared(page, "ground/not-held", /^Bed it in a pad/);
  await type(page, "Grown, across", "320");
  await toldAndCleared(page, "ground/outgrows-slab", /^Make that/);
  await putIn(page, "a service box");
  await type(page, "Wide, outside", "460");
  await type(page, "Deep, outside", "460");
  await type(page, "Its middle, from the left", "1000");
  await type(page, "Its middle, from the front", "300");
  await toldAndCleared(page, "front/does-not-pass", /with its own cover$/);
  await goOn(page, "background");
  await take(page, "Slate");
  await choose(page, "Held by", "a bed of silicone");
  await toldAndCleared(page, "background/silicone-not-counted", /^Hold it by/);
  await undoAll(page);
});

test("a mix takes a part of one's own, and is kept as a recipe of the workshop", async ({ page }) => {
  await open(page, "/builds/nursery-tub/ground");
  const hand = new Hand(page);
  await take(page, "Mix");
  const own = inHand(page);
  await own.getByLabel("Add a part").selectOption({ label: "a part of your own" });
  await own.getByLabel("Part of your own").fill("Crushed shell");
  await hand.type("How much", "10");
  await hand.type("A litre swells to", "2");
  await own.getByLabel("Keep it as a recipe").fill("Tub, with shell");
  await own.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(own.getByRole("status")).toHaveText("Kept in the workshop.");
  await saved(page);
  await page.keyboard.press("Escape");
  await page.keyboard.press("b");
  await expect(page.locator("main")).toContainText("crushed shell");
  await open(page, "/builds/bramble-tower/ground");
  await take(page, "Mix");
  await own.getByLabel("Start from a recipe").selectOption({ label: "Tub, with shell" });
  await expect(own.getByLabel("Part of your own")).toHaveValue("Crushed shell");
});
