import { expect, type Page } from "@playwright/test";
import { begin } from "./begin";
import { choose, goOn, Hand, inHand, letGo, saved, showAllSnags, take, toldAndCleared, type } from "./hand";
import { test } from "./site";

const press = (page: Page, name: string | RegExp) =>
  page
    .getByRole("button", { name, exact: typeof name === "string" })
    .first()
    .click();
const told = (page: Page, rule: string) => page.locator(`[data-rule='${rule}']`);
const step = (page: Page, id: string) => page.locator(`[data-step="${id}"]`).first();

/** Nine panels put on the list one by one, each for the place that has none yet; the tape is put to two of them. */
async function nine(page: Page, name: string) {
  await begin(page, new Hand(page), /^Kit of panels/, name, ["1000", "500", "800"]);
  await showAllSnags(page);
  await expect(told(page, "kit/panel-missing")).toHaveCount(5);
  for (const place of ["Base", "Top", "Left side", "Right side", "Back", "Foot of the front", "Head of the front"]) {
    await press(page, "Add a panel");
    await expect(inHand(page).getByRole("heading")).toHaveText(place);
  }
  await expect(told(page, "kit/panel-missing")).toHaveCount(0);
  for (const door of ["Left door", "Right door"]) {
    await press(page, "Add a panel");
    await expect(inHand(page).getByRole("heading")).toHaveText(door);
  }
  await expect(page.locator("[data-thing^='kitPanel/']")).toHaveCount(9);
  await take(page, "Back");
  await type(page, "Long", "100 cm");
  await letGo(page);
}

test("a kit of nine panels is surveyed from nothing, coated and slipped flat, put up, and set beside the same put up first", async ({
  page,
}) => {
  await nine(page, "Nine panels");
  await take(page, "Putting it up");
  await choose(page, "Coats, slips and foam", "flat, before it is put up");
  await saved(page);
  await goOn(page, "seal");
  await press(page, /^Ways to keep water off/);
  await press(page, /^Use .*brush/i);
  await goOn(page, "background");
  await press(page, "Back");
  const built = inHand(page).getByRole("button", { name: "Build the back up" });
  if ((await built.count()) > 0) await built.click();
  await choose(page, "Built up", "Brick slips or tiles");
  await type(page, "Depth", "18");
  await saved(page);

  await goOn(page, "diary");
  const ids = ["shell/survey", "shell/mask", "seal/back/rubberbrush-1-1", "background/back/slips", "shell/put-up"];
  for (const id of ids) await expect(step(page, id)).toBeAttached();
  const order = await page.locator("[data-step]").evaluateAll((all) => all.map((e) => e.getAttribute("data-step")));
  expect(ids.map((id) => order.indexOf(id))).toEqual([...ids.map((id) => order.indexOf(id))].sort((a, b) => a - b));
  await step(page, "shell/mask").click();
  await expect(inHand(page)).toContainText("Back: 15 mm to the left side, 15 mm to the right side");
  await step(page, "shell/put-up").click();
  await expect(inHand(page)).toContainText("With two: back");
  await expect(inHand(page)).toContainText("Over 20 kg: lift with two");

  await goOn(page, "shell");
  await press(page, /^Side by side/);
  const dialog = page.getByRole("dialog");
  const flat = dialog.locator("tr[data-way='flat']");
  const standing = dialog.locator("tr[data-way='standing']");
  await expect(flat).toContainText("chosen");
  await expect(flat).toContainText("from above, on the bench");
  await expect(standing).toContainText("through 980 × 620");
  const days = async (row: typeof flat) => Number(await row.locator("td").nth(2).innerText());
  expect(await days(flat)).toBeLessThan(await days(standing));
  await dialog.getByRole("button", { name: "Use once it stands" }).click();
  await expect(standing).toContainText("chosen");
  await dialog.getByRole("button", { name: "Close" }).click();
  await goOn(page, "diary");
  const after = await page.locator("[data-step]").evaluateAll((all) => all.map((e) => e.getAttribute("data-step")));
  expect(after).not.toContain("shell/mask");
  expect(after.indexOf("shell/put-up")).toBeLessThan(after.indexOf("seal/back/rubberbrush-1-1"));
  await saved(page);
});

test("a kit's list and joints made wrong on purpose are told, and each fix clears it", async ({ page }) => {
  await nine(page, "Wrong kit");
  await take(page, "Left side");
  await type(page, "Long", "760");
  await toldAndCleared(page, "kit/panel-wrong-size", /^It is 780 mm × 490 mm/);
  await take(page, "Right side");
  await press(page, "Take it off");
  await toldAndCleared(page, "kit/panel-missing", /^It is here, and of that size/);
  // Two for one place, a groove too deep, a fastener too long: told at the field, and kept as they were.
  await take(page, "Back");
  await choose(page, "It goes to the", "Base");
  await expect(page.getByText(/Two panels want to be the base/).first()).toBeVisible();
  await choose(page, "It goes to the", "Back");
  await type(page, "Groove in it, how deep", "9");
  await expect(page.getByText(/deeper than its panel of 10 mm bears\. Type 8 mm or less/).first()).toBeVisible();
  await type(page, "Groove in it, how deep", "");
  await take(page, "Fasteners and bars");
  await type(page, "One, how long", "90");
  await expect(page.getByText(/too long for a panel of 10 mm.*Type 70 mm or less/).first()).toBeVisible();
  await type(page, "One, how long", "35");
  // A coat in the joint, and its twin.
  await take(page, "Putting it up");
  await choose(page, "Coats, slips and foam", "flat, before it is put up");
  await goOn(page, "seal");
  await press(page, /^Ways to keep water off/);
  await press(page, /^Use .*brush/i);
  await goOn(page, "shell");
  await take(page, "Putting it up");
  await showAllSnags(page);
  await expect(told(page, "kit/coat-in-joint")).toHaveCount(0);
  await type(page, "Masked at a joint", "8");
  await toldAndCleared(page, "kit/coat-in-joint", /^Mask the neighbour's thickness and 5 mm/);
  await saved(page);
});

test("a clear box with a magnet door and a sliding lid is audited on all its openings, and stands by the bracket", async ({
  page,
}) => {
  await begin(page, new Hand(page), /^Clear box/, "Magnet box", ["600", "240", "280"]);
  await take(page, "Holes as drilled");
  await inHand(page).getByRole("spinbutton", { name: "Holes" }).fill("6");
  await type(page, "A hole, across", "6");
  await type(page, "Nearest one to an edge", "4");
  // Four millimetres from an edge, and its twin.
  await toldAndCleared(page, "clear/hole-near-edge", /^Weld a patch over them/);
  await expect(inHand(page).getByRole("textbox", { name: "Nearest one to an edge" })).toHaveValue("4");
  await choose(page, "A patch over them", "none");
  await type(page, "Nearest one to an edge", "9");
  await expect(told(page, "clear/hole-near-edge")).toHaveCount(0);
  await take(page, "Lid");
  await type(page, "Lid, across its grooves", "640");
  await expect(page.getByText(/wider than its grooves, 596 mm.*Type 596 mm or less/).first()).toBeVisible();
  await type(page, "Lid, across its grooves", "");
  await toldAndCleared(page, "clear/lid-slides-open", /^Pin it/);
  await take(page, "Door");
  await choose(page, "A stop behind its edge", "none");
  await toldAndCleared(page, "clear/no-stop", /^Fit a stop behind its edge/);
  // Bows out under wet substrate, and its twin.
  await take(page, "As finished");
  await type(page, "Substrate, how deep", "150");
  await showAllSnags(page);
  await expect(told(page, "panes/wall-bows").first()).toBeVisible();
  for (let i = 0; i < 4 && (await told(page, "panes/wall-bows").count()) > 0; i++)
    await told(page, "panes/wall-bows")
      .first()
      .getByRole("button", { name: /^Keep the substrate to/ })
      .click();
  await expect(told(page, "panes/wall-bows")).toHaveCount(0);
  // A strong one: magnets alone are not enough.
  await goOn(page, "brief");
  await page.getByRole("combobox", { name: /Add/ }).first().selectOption({ label: "Rosy boa" });
  await type(page, "Mass, g", "900");
  await goOn(page, "shell");
  await toldAndCleared(page, "clear/magnets-let-go", /^Fit clips as well/);
  await goOn(page, "front");
  for (const way of ["doors-edge", "lid-grooves", "lid-end", "own-holes"])
    await expect(page.locator(`[data-thing='way/${way}']`)).toBeAttached();
  // Two boxes on a shelf.
  await goOn(page, "shell");
  await press(page, "It stands on a shelf");
  await type(page, "Board, how thick", "12");
  await press(page, "Another box on it");
  await type(page, "Box 2, filled, kg", "24");
  await type(page, "Shelf, how long", "1400");
  await toldAndCleared(page, "stand/order", /^Stand them so/);
  await saved(page);
});

test("a liner that is not rated for its mat is told, and the rated one is not", async ({ page }) => {
  await begin(page, new Hand(page), /^Cabinet/, "Lined cabinet", ["830", "420", "1000"]);
  await goOn(page, "seal");
  await press(page, "Lay a liner");
  await choose(page, "Liner", "Pond liner, rubber");
  await goOn(page, "fixtures");
  await page.getByRole("combobox", { name: "Put on", exact: true }).selectOption({ label: "heat mat" });
  await choose(page, "Face", "base");
  await toldAndCleared(page, "fixtures/liner-not-rated", /^Take pond liner, rated for warmth/);
  await goOn(page, "seal");
  await take(page, "Liner");
  await expect(inHand(page).getByRole("combobox", { name: "Liner" })).toHaveValue("cloth-liner-warm");
  await saved(page);
});
