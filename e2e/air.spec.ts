import { expect, type Page } from "@playwright/test";
import { goOn, letGo, open, saved, showAllSnags, take, type, undoAll } from "./hand";
import { test } from "./site";

const chart = (page: Page) => page.locator("[data-air]").first();
/** Until the whole day is worked out, and not roughly. */
const worked = (page: Page) => expect(chart(page)).toHaveAttribute("data-air", "exact", { timeout: 20_000 });
const told = (page: Page, rule: string) => page.locator(`[data-rule='${rule}']`);

for (const build of [
  ...["flat-pack-1500", "nursery-tub", "tower-on-end", "haberdasher-s-cabinet"],
  ...["landing-box", "ant-yard", "bramble-tower"],
])
  test(`${build} shows its day and its month, and its figures open their working`, async ({ page }) => {
    await open(page, `/builds/${build}/air`);
    await worked(page);
    await expect(chart(page).getByRole("img").first()).toHaveAccessibleName(/°C, .* rh over the day/);
    await expect.poll(() => chart(page).locator("path").count()).toBeGreaterThan(8);
    await page.getByRole("button", { name: "The month", exact: true }).click();
    await expect(chart(page)).toContainText("day 5");
    await page.getByRole("button", { name: /^Its air over the day/ }).click();
    const working = page.getByRole("dialog");
    await expect(working).toContainText("walls, Σ U·A");
    await expect(working).toContainText("one balance of pressure, heat and water");
    await page.keyboard.press("Escape");
    // What it was worked out of is kept: opened again it is there at once, from the server.
    await page.reload();
    await expect(page.getByRole("button", { name: /^Air changes, hourly/ })).toBeVisible();
  });

test("the tub with its left rows alone is told too damp for 70 to 90 %, before it is drilled", async ({ page }) => {
  await open(page, "/builds/nursery-tub/brief");
  await take(page, /Fire salamander/);
  const high = page.getByRole("textbox", { name: /^Its air, highest/ });
  await high.fill("90");
  await high.blur();
  await letGo(page);
  await goOn(page, "air");
  await take(page, "High right");
  await page.keyboard.press("Delete");
  await worked(page);
  await showAllSnags(page);
  await expect(told(page, "day/too-damp")).toContainText("70 to 90");
  await undoAll(page);
  await saved(page);
});

test("a lamp's hours move the day", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/air");
  await worked(page);
  const day = await chart(page).getByRole("img").first().getAttribute("aria-label");
  await goOn(page, "fixtures");
  await take(page, "Heat lamp");
  await type(page, "On, from and to", "02:00 to 06:00");
  await goOn(page, "air");
  await worked(page);
  expect(await chart(page).getByRole("img").first().getAttribute("aria-label")).not.toBe(day);
  await undoAll(page);
  await saved(page);
});

test("a vent that is dragged moves the day under it, roughly until it is let go", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/air");
  await worked(page);
  await page.getByRole("button", { name: "Net", exact: true }).click();
  await worked(page);
  const vent = (await page.locator("[data-feature='high-1']").boundingBox())!;
  const [x, y] = [vent.x + vent.width / 2, vent.y + vent.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 8; i++) await page.mouse.move(x, y + 3 * i);
  await expect(chart(page)).toHaveAttribute("data-air", "coarse");
  await expect(chart(page)).toContainText("roughly, until it is let go");
  await page.mouse.up();
  await worked(page);
  await undoAll(page);
  await saved(page);
});
