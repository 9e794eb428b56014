import { expect, type Page } from "@playwright/test";
import { type Hand, open } from "./hand";

/** Starts a build of one kind by its form, entries and clicks counted. */
export async function begin(
  page: Page,
  hand: Hand,
  card: RegExp,
  name: string,
  sizes: readonly string[],
  unit?: "inches",
) {
  await open(page, "/new");
  await hand.click(card, "link");
  // The form of this kind stands once its card is the chosen one.
  await expect(page.getByRole("link", { name: card })).toHaveAttribute("aria-current", "true");
  await hand.type("Name", name);
  if (unit) await hand.choose("A number without a unit is in", unit);
  const fields = page.getByRole("textbox");
  // The name comes first, then the sizes in the order of the tape.
  for (const [i, size] of sizes.entries()) {
    hand.count++;
    await fields.nth(i + 1).fill(size);
  }
  await hand.click("Start the build");
  await page.waitForURL(/\/builds\/[^/]+\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
}
