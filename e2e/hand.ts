import { expect, type Page } from "@playwright/test";
import { answers } from "../scripts/answers.mjs";
import { quiet } from "./quiet";

/** A builder at the screen whose entries and clicks are counted. */
export class Hand {
  count = 0;
  constructor(readonly page: Page) {}

  async click(name: string | RegExp, role: "button" | "link" = "button") {
    this.count++;
    await this.page
      .getByRole(role, { name, exact: typeof name === "string" })
      .first()
      .click();
  }

  /** Types into a labelled field and leaves it. */
  async type(label: string | RegExp, text: string) {
    this.count++;
    const field = this.page.getByRole("textbox", { name: label }).first();
    // Cleared first: to fill in what stands there already would be no typing at all.
    await field.fill("");
    await field.fill(text);
    await field.blur();
  }

  async choose(label: string | RegExp, option: string) {
    this.count++;
    await this.page.getByRole("combobox", { name: label }).first().selectOption({ label: option });
  }

  async key(key: string) {
    this.count++;
    await this.page.keyboard.press(key);
  }
}

/** The panel of what is in hand. */
export const inHand = (page: Page) => page.getByRole("region", { name: "In hand" });

/** Takes a thing in hand by its row under the board. */
export async function take(page: Page, name: string | RegExp) {
  const button = page
    .locator("[data-rows] [data-thing]")
    .getByRole("button", { name, exact: typeof name === "string" });
  await button.first().click();
  await expect(button.first()).toHaveAttribute("aria-pressed", "true");
}

/** Lets go of what is in hand: the stage's own fields are there again. */
export async function letGo(page: Page) {
  const button = inHand(page).getByRole("button", { name: "Let go" });
  if ((await button.count()) > 0) await button.click();
}

/** Shows the snags of every stage, notes too. */
export async function showAllSnags(page: Page) {
  const all = page.getByRole("button", { name: /^all \d+$/ });
  if ((await all.count()) > 0) await all.click();
  const notes = page.getByRole("button", { name: /notes? here →$/ });
  if ((await notes.count()) > 0) await notes.click();
}

/** Waits until the page says that the newest edit is kept. */
export async function saved(page: Page) {
  await expect(page.getByRole("status", { name: "Save state" })).toHaveText(/^Saved · rev \d+$/, { timeout: 15_000 });
}

/** A new sheet build made by the form; answers its address. */
export async function startBuild(page: Page, name: string, size: [string, string, string], unit?: "inches") {
  await page.goto("/new");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Width inside").fill(size[0]);
  await page.getByLabel("Depth, to the front edge").fill(size[1]);
  await page.getByLabel("Height inside").fill(size[2]);
  if (unit) await page.getByLabel("A number without a unit is in").selectOption(unit);
  await page.getByRole("button", { name: "Start the build" }).click();
  await page.waitForURL(/\/builds\/[^/]+\/shell/);
  // The address changes before the page does.
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await settled(page);
  return new URL(page.url()).pathname.replace(/\/shell$/, "");
}

/** Opens a page and waits until it answers to the hand. */
export async function open(page: Page, address: string) {
  await page.goto(address);
  await settled(page);
}

/** Brings a build of the demo back as it was laid out: another test of the same worker may have changed it. */
export async function asAtFirst({ request }: Page, build: string) {
  const from = `/builds/${build}/revisions`;
  const { revisions } = (await (await request.get(from)).json()) as { revisions: { number: number }[] };
  if (revisions.length === 1) return;
  const numbers = revisions.map((r) => r.number);
  const [first, newest] = [Math.min(...numbers), Math.max(...numbers)];
  const { design } = (await (await request.get(`${from}?number=${first}`)).json()) as { design: unknown };
  const saved = await request.post(`/builds/${build}/save`, { data: { base: newest, design } });
  expect(saved.ok()).toBe(true);
}

/** Goes on to another stage of the build that is open, by the list of stages. */
export async function goOn(page: Page, stage: string) {
  const link = page.locator(`nav[aria-label="Stages"] a[href$="/${stage}"]`);
  const name = await link.locator("span").nth(1).innerText();
  await link.click();
  // The address changes before the page does.
  await page.getByRole("heading", { name, exact: true }).first().waitFor();
  await settled(page);
}

/** Waits until the page answers to the hand and nothing is on its way. */
export async function settled(page: Page) {
  await answers(page);
  await quiet(page);
}

/** The cut list on the Cuts stage: part id to its two sizes as shown. */
export async function cutList(page: Page): Promise<Record<string, [string, string]>> {
  await page.locator("tr[data-part]").first().waitFor();
  const rows = await page.locator("tr[data-part]").evaluateAll((all) =>
    all.map((row) => {
      const cells = [...row.querySelectorAll("td")].map((c) => c.textContent?.trim() ?? "");
      return [row.getAttribute("data-part") ?? "", [cells[1] ?? "", cells[2] ?? ""]] as const;
    }),
  );
  return Object.fromEntries(rows.map(([id, pair]) => [id, [...pair] as [string, string]]));
}

/** A reading of the tally by its label. */
export const tally = (page: Page, label: string) =>
  page.locator("footer").getByText(label, { exact: true }).locator("xpath=following-sibling::span");

/** Puts something into the room; it is in hand then. */
export const putIn = (page: Page, what: string) =>
  page.getByRole("combobox", { name: "Put in", exact: true }).selectOption({ label: what });

/** Chooses in a field of what is in hand. */
export const choose = (page: Page, label: string, option: string) =>
  inHand(page).getByRole("combobox", { name: label, exact: true }).selectOption({ label: option });

/** Types into the first field of that name of what is in hand. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = inHand(page).getByRole("textbox", { name: label, exact: true }).first();
  await field.fill(text);
  await field.blur();
}

/** Told, cleared by its fix, and not told again. */
export async function toldAndCleared(page: Page, rule: string, fix: RegExp): Promise<void> {
  await showAllSnags(page);
  const snag = page.locator(`[data-rule='${rule}']`).first();
  await expect(snag).toBeVisible();
  await snag.getByRole("button", { name: fix }).click();
  await expect(page.locator(`[data-rule='${rule}']`)).toHaveCount(0);
}

/** Takes back all that was done: other tests work on the same builds. */
export async function undoAll(page: Page): Promise<void> {
  const undo = page.getByRole("button", { name: "Undo", exact: true });
  for (let i = 0; i < 60 && (await undo.isEnabled()); i++) await undo.click();
  await saved(page);
}
