import { expect } from "@playwright/test";
import { choose, goOn, inHand, open, saved, settled, showAllSnags, toldAndCleared, type, undoAll } from "./hand";
import { test } from "./site";

const FRONTS = [
  ["slider before a fixed pane", "fixed pane"],
  ["doors on hinges", "left door"],
  ["lift-out panel", "panel"],
  ["pane lifting in grooves", "pane"],
  ["sliding doors", "slide A"],
] as const;
const TOPS = [
  ["framed mesh lid", "lid"],
  ["solid lid", "lid"],
  ["lid in two, the front hinged", "flap"],
  ["lid sliding in grooves", "lid"],
  ["its own lid, cut for mesh", "Lid|Mesh|Top"],
] as const;

for (const [build, kinds] of [
  ["flat-pack-1500", FRONTS],
  ["nursery-tub", TOPS],
] as const)
  test(`every kind that suits it is put on ${build}, drawn, and reckoned with`, async ({ page }) => {
    await open(page, `/builds/${build}/front`);
    for (const [kind, leaf] of kinds) {
      await choose(page, "Closed by", kind);
      await expect(
        page
          .locator("[data-board] text")
          .filter({ hasText: new RegExp(`^(${leaf})`) })
          .first(),
        kind,
      ).toBeVisible();
      await expect(
        page.locator("[data-rule='front/leaf-cannot-be-made'], [data-rule='front/binds']"),
        kind,
      ).toHaveCount(0);
    }
    await saved(page);
    await undoAll(page);
  });

test("doors made wrong on purpose are told, each with a fix that clears it", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/front");
  await toldAndCleared(page, "front/slides-into-wall", /^Leave 40 mm bare/);
  await choose(page, "Closed by", "doors on hinges");
  await choose(page, "Held by", "Magnet catch");
  await toldAndCleared(page, "front/magnet-alone", /^Use turn catch/);
  await type(page, "One each", "600");
  await toldAndCleared(page, "front/few-catches", /^One each 300 mm/);
  const blocks = inHand(page).getByText("The pane stands on setting blocks");
  await blocks.click();
  await toldAndCleared(page, "front/no-blocks", /^Set it on blocks/);
  await inHand(page).getByText("Stops to land on").click();
  await toldAndCleared(page, "front/no-stop", /^Fit stops/);
  // Bare panes of 6 mm on 6 mm of foam sheet, their hinges close together.
  await choose(page, "Frame", "none: a pane or a sheet");
  await choose(page, "Of", "Float glass 6 mm, edges ground");
  await type(page, "First to last hinge", "150");
  await goOn(page, "shell");
  await choose(page, "Sheet", "PVC foam sheet 6 mm");
  await goOn(page, "front");
  await toldAndCleared(page, "front/hinge-pulls-out", /^Bolt the hinges through/);
  // A wall half a metre before it: no leaf of that width opens there.
  await type(page, "Clear before it", "500");
  await toldAndCleared(page, "front/no-room-to-open", /^Close it by/);
  await saved(page);
  await undoAll(page);
});

test("a lid is told of few catches; in two, of a snare that takes a head and not the body, which a strip clears", async ({
  page,
}) => {
  await open(page, "/builds/nursery-tub/front");
  // A lid is held all round: too few catches are told of it as of doors.
  await choose(page, "Closed by", "framed mesh lid");
  await type(page, "One each", "600");
  await toldAndCleared(page, "front/few-catches", /^One each 300 mm/);
  await choose(page, "Closed by", "lid in two, the front hinged");
  await type(page, "Clear across the lid", "9");
  await goOn(page, "brief");
  await page.locator("[data-thing^='resident/']").getByRole("button").first().click();
  await type(page, "Girth, across its widest", "22");
  await goOn(page, "front");
  await showAllSnags(page);
  const snare = page.locator("[data-rule='front/snare']").first();
  await expect(snare).toContainText("caught across the lid");
  await snare.getByRole("button", { name: /stop strip/ }).click();
  await expect(page.locator("[data-rule='front/snare']")).toHaveCount(0);
  await undoAll(page);
});

test("the walk round is tried gap by gap, kept, and stops the build where a gauge goes through", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/front");
  const row = page.locator("tr[data-opening='between']");
  const walk = () => page.getByRole("button", { name: /^Try each/ }).click();
  const kept = () => page.waitForResponse((r) => r.url().includes("/log") && r.ok());
  await walk();
  await expect(row).toContainText("7 mm drill bit");
  await row.getByRole("button", { name: /does not go through/ }).click();
  await expect(row).toContainText("holds");
  await row.getByRole("button", { name: /undo/ }).click();
  await Promise.all([kept(), row.getByRole("button", { name: /the gauge goes through/ }).click()]);
  await page.keyboard.press("Escape");
  await expect(page.locator("[data-rule='front/gauge-passes']")).toContainText("7 mm drill bit passed");
  await page.reload();
  await settled(page);
  await walk();
  await expect(row).toContainText("goes through");
  const printed = await page.request.get("/builds/flat-pack-1500/files/walk-round-a4.pdf");
  expect(printed.status()).toBe(200);
  expect((await printed.body()).subarray(0, 5).toString()).toBe("%PDF-");
  await row.getByRole("button", { name: /undo/ }).click();
  await expect(row.getByRole("button", { name: /does not go through/ })).toBeVisible();
  await page.keyboard.press("Escape");
  // And its catches are pulled at after each opening.
  await page.getByRole("button", { name: "Slides: came open when pulled at" }).click();
  await expect(page.locator("[data-rule='front/came-open']")).toBeVisible();
  await page.getByRole("button", { name: "Slides: held when pulled at" }).click();
  await expect(page.locator("[data-rule='front/came-open']")).toHaveCount(0);
});
