import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { CABINET, now, picture, press } from "./atBench";
import { test } from "./site";

const PHONE = { width: 390, height: 800 };
/** The build as the server has it. */
const kept = async (page: Page) => {
  const file = new URL(`/builds/${CABINET}/files/build.json`, page.url()).href;
  return (await (await page.request.get(file, { maxRetries: 2 })).json()) as {
    log: { event: Record<string, unknown> & { kind: string } }[];
    stock: { onHand: { material: string; amount: number }[] };
  };
};
/** Millilitres of silicone on the shelf. */
const silicone = async (page: Page): Promise<number> =>
  (await kept(page)).stock.onHand.reduce((n, s) => n + (s.material === "silicone-neutral" ? s.amount : 0), 0);
const ofKind = async (page: Page, kind: string) => (await kept(page)).log.filter((e) => e.event.kind === kind);
/** Takes back what a test has put into the log, the newest first. */
async function undo(page: Page, entries: number) {
  for (let i = 0; i < entries; i++) {
    const first = await page.locator("[data-entry]").first().getAttribute("data-entry");
    await page
      .locator("[data-entry]")
      .first()
      .getByRole("button", { name: /^Take back/ })
      .click();
    await expect(page.locator(`[data-entry="${first}"]`)).toHaveCount(0);
  }
}

test.describe("the bench on a phone", () => {
  test.beforeEach(({ page }) => page.setViewportSize(PHONE));

  test("the cabinet's next evening: started, clock, reload, photograph, pack used, done; the diary, the shelf and the list follow, and go back", async ({
    page,
    site,
  }) => {
    await page.goto(`${site}/builds/${CABINET}/buying`);
    const line = page.locator("[data-line]").filter({ hasText: "Neutral silicone" });
    await line.first().getByRole("button").first().click();
    const before = await line.innerText();
    expect(await silicone(page)).toBe(60);
    await page.goto(`${site}/builds/${CABINET}/diary`);
    const step = page.locator("[data-step='background/right/siliconefibre-1']");
    await expect(step).toBeVisible();

    await page.goto(`${site}/builds/${CABINET}/bench`);
    await expect(now(page)).toContainText("Silicone and fibre, right wall");
    await press(page, "Start");
    await expect(page.getByRole("button", { name: "Break off" })).toBeVisible();
    await expect.poll(async () => (await ofKind(page, "step-begun")).length).toBe(1);
    await page.reload();
    await expect(page.getByRole("button", { name: "Break off" })).toBeVisible();
    await expect(page.getByRole("textbox", { name: "Minutes, by the clock" })).not.toHaveValue("");

    await page.getByLabel(/^Photograph of/).setInputFiles(await picture(page, 2400, 1800));
    await expect.poll(async () => (await ofKind(page, "photo")).length).toBe(1);
    const [photo] = await ofKind(page, "photo");
    expect(photo!.event).toMatchObject({ widthPx: 1600, heightPx: 1200, of: { kind: "step" } });
    const bytes = await page.request.get(`${site}/builds/${CABINET}/photos/${photo!.event.photo}`);
    expect(bytes.headers()["content-type"]).toBe("image/jpeg");

    const used = page.getByRole("textbox", { name: /Used of Neutral silicone/ });
    await used.fill("none");
    await expect(page.getByText("Type a number of packs, such as 1 or 0.5.")).toBeVisible();
    await expect(page.getByRole("button", { name: /^Done, start the wait/ })).toBeDisabled();
    await used.fill("3");
    await expect(page.getByText(/more than is on the shelf, which has 60 mL/)).toBeVisible();
    await page
      .getByRole("button", { name: /^As planned/ })
      .first()
      .click();
    await page.getByRole("textbox", { name: /^Minutes/ }).fill("0");
    await expect(page.getByText(/Type minutes from 1 to 1440/)).toBeVisible();
    await page.getByRole("textbox", { name: /^Minutes/ }).fill("600");
    await expect(page.getByText(/10 h for a step planned at/)).toBeVisible();
    await page.getByRole("textbox", { name: /^Minutes/ }).fill("40");
    await page.getByRole("checkbox", { name: /no foam shows/ }).click();
    await press(page, /^Done, start the wait/);

    const clock = page.locator("[data-clock='background/right/siliconefibre-1']");
    await expect(clock.getByRole("timer")).toHaveText(/^(24 h 00|23 h 5\d)$/);
    await expect(now(page)).toContainText("Carve the left");
    await expect
      .poll(async () => (await ofKind(page, "step-done")).filter((e) => e.event.minutes === 40).length)
      .toBe(1);
    await page.reload();
    await expect(clock.getByRole("timer")).toHaveText(/^2[34] h \d\d$/);

    // What was used is off the shelf, and what waits for it starts no sooner than its clock is over.
    expect(await silicone(page)).toBe(0);
    await page.goto(`${site}/builds/${CABINET}/diary`);
    const entry = page.getByText(/48 min planned, 40 min/);
    await expect(entry).toBeVisible();
    await page.goto(`${site}/builds/${CABINET}/buying`);
    await line.first().getByRole("button").first().click();
    await expect(line.first()).toContainText(/used .* mL/);
    expect(await line.innerText()).not.toBe(before);

    // Undone, everything is as it was, the shelf too.
    await page.goto(`${site}/builds/${CABINET}/bench`);
    await undo(page, 3);
    await expect(now(page)).toContainText("Silicone and fibre, right wall");
    await expect.poll(async () => (await ofKind(page, "taken-back")).length).toBe(3);
    expect(await silicone(page)).toBe(60);
    await page.goto(`${site}/builds/${CABINET}/buying`);
    await line.first().getByRole("button").first().click();
    await expect.poll(async () => (await line.innerText()).replace(/\s+/g, " ")).toBe(before.replace(/\s+/g, " "));
  });

  test("the same without a connection: kept on the phone, sent once when it is back", async ({ browser, site }) => {
    // A phone of its own, which has nothing of the site yet.
    const context = await browser.newContext({ viewport: PHONE });
    const page = await context.newPage();
    await page.goto(`${site}/builds/${CABINET}/bench`);
    await expect(now(page)).toContainText("Silicone and fibre, right wall");
    const file = await picture(page, 2400, 1800);
    const done = (await ofKind(page, "step-done")).length;
    // The page has what it needs once it has answered a first tap.
    await press(page, "Start");
    await expect(page.getByRole("button", { name: "Break off" })).toBeVisible();
    await expect.poll(async () => (await ofKind(page, "step-begun")).length).toBeGreaterThan(0);
    await context.setOffline(true);
    await page.getByLabel(/^Photograph of/).setInputFiles(file);
    await page
      .getByRole("button", { name: /^As planned/ })
      .first()
      .click();
    await press(page, /^Done, start the wait/);
    await expect(page.locator("[data-clock='background/right/siliconefibre-1']")).toBeVisible();
    await expect(page.getByText(/kept on this device and sent as soon as it does/)).toBeVisible();
    expect((await ofKind(page, "step-done")).length).toBe(done);
    // The page is closed and opened again meanwhile: what was ticked is still there.
    await page.route("**/log", (route) => route.abort());
    await page.route("**/photos/*", (route) => route.abort());
    await context.setOffline(false);
    await page.reload();
    await expect(page.locator("[data-clock='background/right/siliconefibre-1']")).toBeVisible();
    expect((await ofKind(page, "step-done")).length).toBe(done);
    await page.unroute("**/log");
    await page.unroute("**/photos/*");
    await expect.poll(async () => (await ofKind(page, "step-done")).length, { timeout: 30_000 }).toBe(done + 1);
    await page.waitForTimeout(4000);
    expect((await ofKind(page, "step-done")).length).toBe(done + 1);
    const photos = await ofKind(page, "photo");
    expect(new Set(photos.map((p) => p.event.photo)).size).toBe(photos.length);
    await undo(page, 3);
    await expect.poll(async () => (await ofKind(page, "taken-back")).length).toBeGreaterThanOrEqual(3);
    await context.close();
  });

  test("is clean for axe, and everything to press is as large as a thumb", async ({ page, site }) => {
    await page.goto(`${site}/builds/${CABINET}/bench`);
    await expect(now(page)).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(", ")}`)).toEqual([]);
    const small = await page.locator("main button, main input:not([hidden]), main a").evaluateAll((all) =>
      all
        .filter((e) => (e as HTMLElement).offsetParent !== null)
        .map((e) => ({
          name: e.textContent || e.getAttribute("aria-label") || e.id,
          ...e.getBoundingClientRect().toJSON(),
        }))
        .filter(({ height }) => height < 40)
        .map(({ name, width, height }) => `${name} ${Math.round(width)} × ${Math.round(height)}`),
    );
    expect(small).toEqual([]);
    const main = await page
      .getByRole("button", { name: /^(Start|Photo|Done|As planned)/ })
      .evaluateAll((all) => all.map((e) => Math.round(e.getBoundingClientRect().height)));
    for (const height of main) expect(height).toBeGreaterThanOrEqual(56);
    // One hand: nothing to press lies beyond the page's width.
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  });
});
