import { expect, type Page } from "@playwright/test";
import { goOn, inHand, letGo, open, saved, showAllSnags, take, tally } from "./hand";
import { test } from "./site";

const CABINET = "/builds/haberdasher-s-cabinet";
const snag = (page: Page, words: string | RegExp) =>
  page.getByRole("complementary", { name: "Snags" }).getByText(words).first();
const press = (page: Page, name: string) => page.getByRole("button", { name, exact: true }).first().click();
const tick = (page: Page, name: string) =>
  page.getByRole("checkbox", { name }).first().locator("xpath=ancestor::label").click();
const choose = (page: Page, label: string, option: string) =>
  page.getByRole("combobox", { name: label, exact: true }).first().selectOption({ label: option });
async function type(page: Page, label: string | RegExp, text: string) {
  const field = page.getByRole("textbox", { name: label }).first();
  await field.fill(text);
  await field.blur();
}

test("the cabinet goes on through background and substrate, and mistakes made on purpose are stopped or flagged", async ({
  page,
}) => {
  // A planter with no hole stands in the demo as it comes.
  await open(page, `${CABINET}/background`);
  await expect(snag(page, "Planter 75, right has no hole")).toBeVisible();
  await press(page, "Drill it first");
  await expect(snag(page, "Planter 75, right has no hole")).toHaveCount(0);

  // Silicone on foam skin, damp fibre, peat for a climber on toe pads.
  await press(page, "Right");
  await tick(page, "The skin is taken off");
  await expect(snag(page, "Silicone and fibre: may let go")).toBeVisible();
  await expect(snag(page, /Nothing keeps well on the glossy skin|does not grip the glossy skin/)).toBeVisible();
  await press(page, "Take the skin off first");
  await expect(snag(page, "Silicone and fibre: may let go")).toHaveCount(0);
  await tick(page, "The fibre is damp");
  await expect(snag(page, "Silicone and fibre: will not hold")).toBeVisible();
  await press(page, "Dry the fibre first");
  await expect(snag(page, "Silicone and fibre: will not hold")).toHaveCount(0);
  await choose(page, "Fibre", "peat");
  await expect(snag(page, "Mossy frog will slip")).toBeVisible();
  await press(page, "Face it with tree-fern fibre");
  await expect(snag(page, "Mossy frog will slip")).toHaveCount(0);

  // A ledge over a window that is kept clear.
  await goOn(page, "shell");
  await page.getByRole("button", { name: "Add a keep-out" }).click();
  await choose(page, "Face", "right");
  for (const [i, mm] of ["272", "437"].entries()) {
    const middle = page.getByRole("textbox", { name: /^Middle/ }).nth(i);
    await middle.fill(mm);
    await middle.blur();
  }
  await goOn(page, "background");
  await press(page, "Right");
  await page.getByRole("combobox", { name: "Put on the wall" }).selectOption({ label: "ledge" });
  await expect(snag(page, "Over a window")).toBeVisible();
  await press(page, "Move it clear");
  await expect(snag(page, "Over a window")).toHaveCount(0);

  // A lift far too thick.
  await letGo(page);
  await type(page, "One lift, once risen", "200");
  await expect(snag(page, "A lift too thick")).toBeVisible();
  await press(page, "Foam in lifts of 40 mm");
  await expect(snag(page, "A lift too thick")).toHaveCount(0);
  await saved(page);

  // Foam that is up although the water test counts no more.
  await goOn(page, "seal");
  await type(page, "Bead, its leg", "8");
  await expect(snag(page, "Covered before the water test")).toBeVisible();
  await type(page, "Bead, its leg", "6");
  await expect(snag(page, "Covered before the water test")).toHaveCount(0);
  await saved(page);

  // A door that swings where the branch is.
  await goOn(page, "shell");
  await press(page, "Add a keep-out");
  const swing = inHand(page);
  await swing.getByRole("combobox", { name: "For" }).selectOption({ label: "door swing" });
  await swing.getByRole("combobox", { name: "Face" }).selectOption({ label: "top" });
  for (const [label, text] of [
    ["Wide", "160"],
    ["High", "160"],
    ["Middle from the left", "90"],
    ["Middle from the front", "460"],
    ["Clear into the room", "330"],
  ] as const) {
    const field = swing.getByRole("textbox", { name: label });
    await field.fill(text);
    await field.blur();
  }
  await expect(snag(page, /Beech branch is in the way of/)).toBeVisible();
  // It is settled on the wall the branch is on: pressing it goes there, and takes the branch in hand.
  await showAllSnags(page);
  await page
    .getByRole("heading", { name: /^Beech branch is in the way of/ })
    .getByRole("button")
    .click();
  await expect(page).toHaveURL(/\/background$/);
  await expect(inHand(page).getByRole("heading")).toHaveText("Beech branch");
  await press(page, "Lower it by 57 mm");
  await expect(snag(page, /Beech branch is in the way of/)).toHaveCount(0);
  await saved(page);

  // Ground: barrier flush and of metal, clay lower than the pool, a pump with no way out, a mix that does not sum.
  await goOn(page, "ground");
  await take(page, "Barrier");
  await type(page, "Its curl, each side", "0");
  await expect(snag(page, "The barrier is cut flush")).toBeVisible();
  await press(page, "Leave 30 mm of curl");
  await expect(snag(page, "The barrier is cut flush")).toHaveCount(0);
  await take(page, "Barrier");
  await choose(page, "Of", "metal mesh");
  await expect(snag(page, "Metal mesh under wet substrate")).toBeVisible();
  await press(page, "Lay weed cloth instead");
  await expect(snag(page, "Metal mesh under wet substrate")).toHaveCount(0);
  await take(page, "Pool");
  await choose(page, "Takes", "a place of its own");
  await expect(snag(page, "Land will be soaked")).toBeVisible();
  await expect(snag(page, "Water 60 mm, drainage layer 40 mm: it must top the water by 10 to 20 mm.")).toBeVisible();
  await press(page, "Raise the drainage layer to 75 mm");
  await expect(snag(page, "Land will be soaked")).toHaveCount(0);
  await goOn(page, "fixtures");
  await take(page, "Pool pump");
  await choose(page, "Its way out", "none: it is glued in");
  await expect(snag(page, "Pool pump has no way out")).toBeVisible();
  await press(page, "Stand it in a box with a lid");
  await expect(snag(page, "Pool pump has no way out")).toHaveCount(0);
  await goOn(page, "ground");
  await take(page, "Mix");
  await choose(page, "Start from a recipe", "Coir 25, bark 40, moss 35");
  await type(page, "sphagnum moss", "30");
  await expect(snag(page, "The mix does not sum")).toBeVisible();
  await press(page, "Make sphagnum moss 35 %");
  await expect(snag(page, "The mix does not sum")).toHaveCount(0);
  await saved(page);
});

test("finishes and build-ups stand side by side; choosing one changes supplies, diary, net room and mass", async ({
  page,
}) => {
  await open(page, "/builds/flat-pack-1500/background");
  await press(page, "Left");
  const way = (id: string) => page.locator(`tr[data-way="${id}"]`);
  const compare = () => page.getByRole("button", { name: /^Ways side by side/ }).click();
  await compare();
  for (const id of ["siliconeFibre", "puGlueFibre", "waterproofer", "grout", "foam", "panels", "board"]) {
    await expect(way(id)).toContainText("€");
    await expect(way(id)).toContainText(/\d h|\d min/);
  }
  await expect(way("grout")).toContainText("chosen");
  const mass = async () => (await tally(page, "Mass dry / wet").textContent()) ?? "";
  const before = await mass();
  const section = page.getByRole("img", { name: /^Section left to right/, includeHidden: true });
  await expect(section.locator('[data-piece="left"]')).toBeVisible();
  await page.getByRole("button", { name: "Use silicone and dry fibre" }).click();
  await expect(way("siliconeFibre")).toContainText("chosen");
  await expect(page.getByText("silicone and fibre · ", { exact: false }).first()).toBeAttached();
  expect(await mass()).not.toBe(before);
  await page.getByRole("button", { name: "Use none" }).click();
  await expect(way("none")).toContainText("chosen");
  await expect(section.locator('[data-piece="left"]')).toHaveCount(0);
  await page.getByRole("button", { name: "Close" }).click();
  await saved(page);
  await goOn(page, "diary");
  await expect(page.getByText(/Panels save [\d.]+ days on the walls/)).toBeVisible();
  await expect(page.locator('[data-step="background/left/lift-1"]')).toHaveCount(0);
  await expect(page.locator('[data-step="background/right/lift-1"]')).toBeVisible();
  await goOn(page, "buying");
  await expect(page.getByText("Building foam").first()).toBeVisible();
});

test("a zone is dragged on its wall, nudged by keys, and its section follows", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/background");
  const ledge = page.locator('[data-zone="ledge-1"]');
  await take(page, "Basking ledge");
  const middle = inHand(page).getByRole("textbox", { name: "Middle from the left" });
  await expect(middle).toHaveValue("420");
  const box = (await ledge.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(middle).not.toHaveValue("420");
  await expect(page.locator("[data-through='Basking ledge']")).toBeVisible();
  const at = Number(await middle.inputValue());
  await ledge.focus();
  await page.keyboard.press("Shift+ArrowRight");
  await expect(middle).toHaveValue(String(at + 10));
  await saved(page);
});

test("a tank in inches gets walls and substrate from nothing, to the shopping list", async ({ page }) => {
  await page.goto("/new?kind=tank");
  await page.getByLabel("Name").fill("Inch tank");
  await page.getByLabel("A number without a unit is in").selectOption("inches");
  for (const [label, text] of [
    ["Length outside", '24 1/8"'],
    ["Width outside", '18 1/4"'],
    ["Height outside", "2'"],
  ] as const)
    await page.getByLabel(label).fill(text);
  await page.getByRole("button", { name: "Start the build" }).click();
  await page.waitForURL(/\/builds\/[^/]+\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await goOn(page, "ground");
  await type(page, "Substrate's top, at the back", '5 1/2"');
  await type(page, "Substrate's top, at the front", "4.5");
  await press(page, "Lay the usual: clay, weed cloth, a mix");
  await take(page, "Drainage layer");
  await type(page, "How deep", "1 3/4");
  await take(page, "Barrier");
  await choose(page, "Of", "two layers of fly screen");
  await expect(page.getByRole("textbox", { name: "Its curl, each side" })).toHaveValue("30 mm");
  await take(page, "Mix");
  await choose(page, "Start from a recipe", "Soil, sand and coir");
  const section = page.getByRole("img", { name: /^Section front to back/ });
  await expect(section).toHaveAccessibleName(
    /drainage layer 1 3\/4".*substrate, back 5 1\/2".*substrate, front 4 1\/2"/,
  );
  await saved(page);

  await goOn(page, "background");
  await press(page, "Build the back up");
  await type(page, "Depth, its valleys", "1 1/2");
  await expect(page.getByText(/bare 6 5\/16" · substrate to 5 1\/2"/)).toBeVisible();
  await press(page, "Copy to left and right");
  await page.getByRole("combobox", { name: "Put on the wall" }).selectOption({ label: "planter" });
  await press(page, "Left");
  await expect(page.getByRole("textbox", { name: "Depth, its valleys" })).toHaveValue("1 1/2");
  await saved(page);

  await goOn(page, "buying");
  for (const item of [
    "Pond foam, black",
    "Tree-fern fibre",
    "Expanded clay, 8–16 mm",
    "Washed sand",
    "Glass-fibre screen for barriers",
    "Net pot",
    "Blackout film, self-adhesive",
  ])
    await expect(page.getByText(item, { exact: true }).first()).toBeVisible();
  await goOn(page, "diary");
  await page.locator('[data-step="ground/barrier/barrier"]').click();
  await expect(inHand(page)).toContainText(/1 3\/16"/);
});
