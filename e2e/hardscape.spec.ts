import { expect } from "@playwright/test";
import { inHand, open, putIn, saved, toldAndCleared, type, undoAll } from "./hand";
import { test } from "./site";

test("a stone and a branch are put in from nothing, drawn, moved, and told where they are wrong", async ({ page }) => {
  await open(page, "/builds/bramble-tower/ground");
  await putIn(page, "a stone");
  await page.getByRole("button", { name: "Net", exact: true }).click();
  const stone = page.locator("[data-piece='stone-1']");
  await expect(stone).toBeVisible();
  // The barrier lies between: its foot goes through it.
  await inHand(page).getByText("The barrier is cut out round its foot, and turned up").click();
  await toldAndCleared(page, "hardscape/through-the-barrier", /^Cut the barrier out/);
  // Moved by keys, a millimetre at a time, on the floor of the net.
  const left = inHand(page).getByRole("textbox", { name: "Its middle, from the left", exact: true });
  const before = Number(await left.inputValue());
  await stone.focus();
  await page.keyboard.press("ArrowRight");
  await expect(left).toHaveValue(String(before + 1));
  await type(page, "High", "420");
  await type(page, "Weighed, kg", "6");
  await toldAndCleared(page, "hardscape/topples", /^Hold its foot/);
  await type(page, "Its middle, from the left", "20");
  await toldAndCleared(page, "hardscape/outside", /^Move it in/);
  await putIn(page, "a branch");
  await type(page, "Weighed, kg", "2");
  await type(page, "Its bed, wide", "20");
  await type(page, "Its bed, high", "20");
  await toldAndCleared(page, "hardscape/end-not-held", /^Bed it on/);
  await type(page, "From end to end, across", "472");
  await toldAndCleared(page, "hardscape/no-play", /^Cut it/);
  await page.getByRole("button", { name: "Sections", exact: true }).click();
  await expect(page.locator("[data-piece='branch-1']").first()).toBeVisible();
  await saved(page);
  await undoAll(page);
});
