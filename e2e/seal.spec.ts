import { expect, type Page } from "@playwright/test";
import { goOn, inHand, open, saved, startBuild, take } from "./hand";
import { test } from "./site";

const snag = (page: Page, words: string | RegExp) =>
  page.getByRole("complementary", { name: "Snags" }).getByText(words).first();
/** Puts a layer on the face that is shown. */
async function put(page: Page, layer: string) {
  await page.getByRole("combobox", { name: "Next layer" }).selectOption({ label: layer });
  await page.getByRole("button", { name: "Put it on", exact: true }).click();
}
const face = (page: Page, name: string) => take(page, `${name[0]!.toUpperCase()}${name.slice(1)}`);

test("mistakes of sealing made on purpose are stopped, with reason and cure", async ({ page }) => {
  await startBuild(page, "Seal job", ["900", "450", "450"]);
  await goOn(page, "seal");

  await page
    .getByRole("combobox", { name: "Sealant" })
    .selectOption({ label: "Sanitary silicone with mould inhibitor" });
  await expect(snag(page, "This sealant poisons")).toBeVisible();

  await face(page, "back");
  await put(page, "Silicone beads");
  await put(page, "Rubberised spray");
  await expect(snag(page, "Rubberised spray: will not hold")).toBeVisible();
  await expect(snag(page, /Coat first, then run the silicone over the coat/)).toBeVisible();

  await face(page, "left");
  for (const layer of [
    "Sand to a key, dust, degrease",
    "Brush-on rubber",
    "Pond-grade foam",
    "Take the skin off, carve",
    "Silicone and fibre",
  ])
    await put(page, layer);
  await page.locator("[data-thing^='layer/left/siliconefibre']").getByRole("button").click();
  await page.getByRole("checkbox", { name: "The fibre is damp" }).locator("xpath=ancestor::label").click();
  await expect(snag(page, "On the left: silicone and fibre on damp fibre.")).toBeVisible();
  await page.getByRole("button", { name: "Dry the fibre first" }).click();
  await expect(snag(page, "On the left: silicone and fibre on damp fibre.")).toHaveCount(0);

  await face(page, "top");
  for (const layer of ["Sand to a key, dust, degrease", "Brush-on rubber", "Cut the openings"]) await put(page, layer);
  await expect(snag(page, "Openings cut after the coat")).toBeVisible();
  await page.getByRole("button", { name: "Cut the openings first" }).click();
  await expect(snag(page, "Openings cut after the coat")).toHaveCount(0);

  await saved(page);

  await open(page, "/builds/nursery-tub/seal");
  await face(page, "back");
  await put(page, "Brush-on rubber");
  await expect(snag(page, "Brush-on rubber: will not hold")).toBeVisible();
  await expect(snag(page, /Nothing bonds polyethylene or polypropylene for good/)).toBeVisible();
  await page.getByRole("button", { name: "Leave this layer off" }).click();
  await saved(page);

  await open(page, "/builds/haberdasher-s-cabinet/shell");
  await take(page, "Face by face");
  await page.getByRole("combobox", { name: "Left side is" }).selectOption({ label: "galvanised steel" });
  await expect(snag(page, "Galvanised metal in water")).toBeVisible();
  await page.getByRole("combobox", { name: "Left side is" }).selectOption({ label: "solid timber" });
  await expect(snag(page, "Galvanised metal in water")).toHaveCount(0);
  await saved(page);
});

/** Begins a test, lets the gauge read it, looks at dry papers and ends it. */
async function run(page: Page, { level = "", pan = true, leak = "0", hours = "48" }) {
  await take(page, "Water test");
  const test = inHand(page);
  if (level) await test.getByRole("textbox", { name: "Filled to" }).fill(level);
  await test.getByRole("textbox", { name: "A reading is good to" }).fill("0.2 mm");
  await test.getByRole("combobox", { name: /The pan dries/ }).selectOption({ label: "5 %: same depth, side by side" });
  if (!pan)
    await test
      .getByRole("checkbox", { name: /An open pan/ })
      .locator("xpath=ancestor::label")
      .click();
  await test.getByRole("button", { name: "Begin the test" }).click();
  await gauge(page, leak, hours);
  await test.getByRole("button", { name: "dry", exact: true }).click();
  return test;
}
async function gauge(page: Page, leak: string, hours: string, panShare = "1") {
  await page.getByRole("button", { name: /Let a simulated gauge read/ }).click();
  await page.getByRole("textbox", { name: "Leak, mm a day" }).fill(leak);
  await page.getByRole("textbox", { name: "Pan dries × as fast" }).fill(panShare);
  await page.getByRole("textbox", { name: "For hours" }).fill(hours);
  await page.getByRole("button", { name: "Read", exact: true }).click();
}

test("a water test passes only with level, pan and hours, and is dropped by what is done afterwards", async ({
  page,
}) => {
  const build = await startBuild(page, "Test job", ["900", "450", "450"]);
  await goOn(page, "seal");
  await page.getByRole("textbox", { name: "Standing water, how deep" }).fill("60");
  await page.getByRole("textbox", { name: "Standing water, how deep" }).blur();
  await page.getByRole("button", { name: /^Put in a dam/ }).click();
  await take(page, "Water test");
  const status = inHand(page).locator("[data-status]");
  await expect(status).toHaveText("Untested");

  let test = await run(page, { level: "30 mm" });
  await test.getByRole("button", { name: "End the test" }).click();
  await expect(snag(page, "This test is no pass")).toBeVisible();
  await expect(snag(page, /highest line, 60 mm: it was filled to 30 mm/)).toBeVisible();

  await test.getByRole("button", { name: "Test again" }).click();
  test = await run(page, { pan: false });
  await test.getByRole("button", { name: "End the test" }).click();
  await expect(status).toHaveText("No gross leak");
  await expect(snag(page, /open pan inside/)).toBeVisible();

  await test.getByRole("button", { name: "Test again" }).click();
  test = await run(page, { hours: "96" });
  await test.getByRole("button", { name: "End the test" }).click();
  await expect(status).toHaveText("Tested before dressing");
  await expect(page.getByRole("img", { name: /Levels of shell and pan/ }).locator("svg")).toBeVisible();
  // What was ticked last is sent as the page goes; the page that comes may be asked for before it is kept.
  await expect(async () => {
    await open(page, `${build}/seal`);
    await take(page, "Water test");
    await expect(status).toHaveText("Tested before dressing", { timeout: 2000 });
  }).toPass();

  await test.getByRole("button", { name: "drilled" }).click();
  await expect(status).toHaveText("Untested");
  await expect(snag(page, "Its test no longer counts")).toBeVisible();
});

test("a slow leak behind evaporation is called, and a pan in the sun is not trusted", async ({ page }) => {
  await startBuild(page, "Slow job", ["900", "450", "450"]);
  await goOn(page, "seal");
  await page.getByRole("textbox", { name: "Standing water, how deep" }).fill("60");
  await page.getByRole("textbox", { name: "Standing water, how deep" }).blur();
  await page.getByRole("button", { name: /^Put in a dam/ }).click();
  await take(page, "Water test");
  const status = inHand(page).locator("[data-status]");
  const test = await run(page, { leak: "0.8", hours: "28" });
  await expect(status).toHaveText("Running");
  const foretold = await test.getByText(/^about \d+ h more$/).textContent();
  const more = Number(/\d+/.exec(foretold ?? "")?.[0]);
  expect(more).toBeGreaterThan(0);
  // The gauge reads from the same start each time: what it read so far is taken back first.
  for (let left = await page.getByRole("button", { name: /Take back/ }).count(); left > 0; left--) {
    await page
      .getByRole("button", { name: /Take back/ })
      .first()
      .click();
    await expect(page.getByRole("button", { name: /Take back/ })).toHaveCount(left - 1);
  }
  await gauge(page, "0.8", String(28 + more));
  await expect(status).toHaveText("Leaks");
  await expect(snag(page, "It leaks")).toBeVisible();

  await test.getByRole("button", { name: "End the test" }).click();
  await test.getByRole("button", { name: "Test again" }).click();
  await test.getByRole("button", { name: "Begin the test" }).click();
  await gauge(page, "0", "72", "2.5");
  await expect(inHand(page)).toContainText("does not stand for it");
});
