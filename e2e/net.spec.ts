import { expect } from "@playwright/test";
import { open, saved, startBuild } from "./hand";
import { test } from "./site";

test("a vent is dragged on the net, nudged by arrow keys, and typed", async ({ page }) => {
  await startBuild(page, "Vent box", ["1000", "500", "500"]);
  await page.keyboard.press("5");
  await page.getByRole("button", { name: "Add mesh, high right" }).click();
  const mark = page.locator("[data-feature='high-1']");
  const across = page.getByRole("textbox", { name: "Middle from the front" });
  const up = page.getByRole("textbox", { name: "Middle above the base" });
  await expect(across).toHaveValue("250");
  const start = Number(await up.inputValue());

  const box = (await mark.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 10, y + 12, { steps: 6 });
  // Under way: the field follows.
  await expect(across).not.toHaveValue("250");
  await page.mouse.up();
  // The right side is seen from inside: to the right is to the front.
  expect(Number(await across.inputValue())).toBeLessThan(250);
  expect(Number(await up.inputValue())).toBeLessThan(start);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(across).toHaveValue("250");

  await mark.focus();
  await page.keyboard.press("ArrowRight");
  await expect(across).toHaveValue("249");
  await page.keyboard.press("Shift+ArrowUp");
  await expect(up).toHaveValue(String(start + 10));
  await across.fill("23 cm");
  await across.blur();
  await expect(mark).toHaveAttribute("aria-label", /230 and/);
  await saved(page);
});

test("a stage opens at its head, however far down the last one was read", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/shell");
  const rows = page.locator("[data-rows]");
  await rows.evaluate((m) => m.scrollTo(0, 300));
  expect(await rows.evaluate((m) => m.scrollTop)).toBeGreaterThan(100);
  await page.keyboard.press("9");
  await expect(page.getByRole("heading", { name: "Cuts", exact: true })).toBeVisible();
  await expect.poll(() => rows.evaluate((m) => m.scrollTop)).toBe(0);
});

test("a vent is sized by its handles and by keys, and several move together", async ({ page }) => {
  await startBuild(page, "Sized box", ["1000", "500", "500"]);
  await page.keyboard.press("5");
  await page.getByRole("button", { name: "Add holes, low left" }).click();
  await page.getByRole("button", { name: "Add mesh, high right" }).click();
  const wide = page.getByRole("textbox", { name: "Opening, wide" });
  const across = page.getByRole("textbox", { name: "Middle from the front" });
  const before = Number(await wide.inputValue());
  const middle = Number(await across.inputValue());
  // The right side is drawn with its back at the left: its left edge dragged to the left is moved to the back.
  const handle = (await page.locator("[data-handle='-1/0']").boundingBox())!;
  await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
  await page.mouse.down();
  await page.mouse.move(handle.x + handle.width / 2 - 12, handle.y + handle.height / 2, { steps: 4 });
  await page.mouse.up();
  const after = Number(await wide.inputValue());
  expect(after).toBeGreaterThan(before + 10);
  // The edge opposite stays where it was.
  expect(Number(await across.inputValue()) - (after - before) / 2).toBeCloseTo(middle, 0);

  const mesh = page.locator("[data-feature='high-1']");
  await mesh.focus();
  await page.keyboard.press("Alt+ArrowRight");
  await expect(wide).toHaveValue(String(after + 1));

  // With Shift the other vent comes to it: both move by one key, and are taken off together.
  const holes = page.locator("[data-feature='low-1']");
  const label = (at: typeof mesh) => at.getAttribute("aria-label");
  const [meshAt, holesAt] = [await label(mesh), await label(holes)];
  await holes.click({ modifiers: ["Shift"] });
  await expect(page.getByRole("region", { name: "In hand" })).toContainText("2 in hand");
  await holes.focus();
  await page.keyboard.press("Shift+ArrowUp");
  await expect.poll(() => label(mesh)).not.toBe(meshAt);
  await expect.poll(() => label(holes)).not.toBe(holesAt);
  await page.keyboard.press("Delete");
  await expect(mesh).toHaveCount(0);
  await expect(holes).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(mesh).toHaveCount(1);
  await saved(page);
});

test("a figure opens its working, with where each constant is from", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/front");
  await page.getByRole("button", { name: /^Pane height/ }).click();
  const drawer = page.getByRole("dialog");
  await expect(drawer).toContainText("middle of the least that holds");
  await expect(drawer).toContainText("trade practice, no source");
  await drawer.getByRole("button", { name: "Clear height between the lips" }).click();
  await expect(drawer).toContainText("opening height − both groove depths");
  await page.keyboard.press("Escape");
  await expect(drawer).toHaveCount(0);
});

test("a snag is waived with a reason, stays in sight, and is taken up again", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/shell");
  const snag = page.locator("[data-rule='shell/top-sags']");
  await snag.getByRole("button", { name: "Go on anyway…" }).click();
  await page.getByLabel("Why").fill("a rib goes under it");
  await page.getByRole("button", { name: "Override it" }).click();
  await expect(snag).toContainText("You go on because: a rib goes under it");
  await snag.getByRole("button", { name: "Take the override back" }).click();
  await expect(snag).not.toContainText("You go on because");
  await saved(page);
});
