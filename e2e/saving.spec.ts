import { expect } from "@playwright/test";
import { open, saved, settled, startBuild } from "./hand";
import { test } from "./site";

test("an edit is kept within a moment, survives a reload, and an earlier save can be had back", async ({ page }) => {
  await startBuild(page, "Kept box", ["700", "400", "400"]);
  const width = page.getByRole("textbox", { name: "Width" });
  await width.fill("72 cm");
  await width.blur();
  await saved(page);
  await page.reload();
  await expect(width).toHaveValue("72 cm");
  await expect(page.getByText("= 720 mm")).toBeVisible();
  await settled(page);
  await page.getByRole("button", { name: "Earlier saves" }).click();
  await page.getByRole("button", { name: "Restore" }).last().click();
  await expect(width).toHaveValue("700");
  await saved(page);
});

test("closing the page right after typing loses nothing", async ({ page, context }) => {
  const address = await startBuild(page, "Closed box", ["700", "400", "400"]);
  const height = page.getByRole("textbox", { name: "Height" });
  await height.fill("444");
  await height.blur();
  await page.close({ runBeforeUnload: true });
  const again = await context.newPage();
  await expect
    .poll(async () => {
      const file = await (await again.request.get(`${address}/files/build.json`)).json();
      return file.design.variants[0].shell.size.height.value;
    })
    .toBe(444);
});

test("a save over someone else's asks which, and keeps both", async ({ page, context }) => {
  const address = await startBuild(page, "Shared box", ["700", "400", "400"]);
  const other = await context.newPage();
  await open(other, `${address}/shell`);
  await page.getByRole("textbox", { name: "Width" }).fill("710");
  await page.getByRole("textbox", { name: "Width" }).blur();
  await saved(page);
  await other.getByRole("textbox", { name: "Width" }).fill("690");
  await other.getByRole("textbox", { name: "Width" }).blur();
  await expect(other.getByRole("dialog", { name: "This build was changed elsewhere" })).toBeVisible();
  await other.getByRole("button", { name: "Save mine on top" }).click();
  await saved(other);
  const file = await (await other.request.get(`${address}/files/build.json`)).json();
  expect(file.design.variants[0].shell.size.width.value).toBe(690);
  const theirs = await (await other.request.get(`${address}/revisions?number=2`)).json();
  expect(theirs.design.variants[0].shell.size.width.value).toBe(710);
});

test("a price typed on Buying is the book's from then on", async ({ page }) => {
  await open(page, "/builds/landing-box/buying");
  const row = page.locator("tr", { hasText: "Finger pulls" });
  await row.getByRole("textbox").fill("free");
  await row.getByRole("textbox").blur();
  await expect(row).toContainText("is not a price");
  await row.getByRole("textbox").fill("2,50");
  await row.getByRole("textbox").blur();
  await expect(row).toContainText("€5.00");
  await page.reload();
  await expect(row.getByRole("textbox")).toHaveValue("2.50");
});

test("hours kept under Workshop move the diary; wrong ones are marked", async ({ page }) => {
  await open(page, "/workshop");
  await page.getByLabel("Tuesday").fill("25:00-26:00");
  await page.getByRole("button", { name: "Keep these" }).click();
  await expect(page.getByText("Type a time such as 18:30.")).toBeVisible();
  await page.getByLabel("Tuesday").fill("18:30-21:30, 22:00-22:30");
  await page.getByRole("button", { name: "Keep these" }).click();
  await expect(page.getByText("Kept.", { exact: true })).toBeVisible();
});

test("offcuts come on the rack by hand and from a list, with what is wrong by its row, and off again", async ({
  page,
}) => {
  await open(page, "/workshop");
  await page.getByLabel("Offcut of").selectOption({ label: "Birch plywood 18 mm" });
  await page.getByLabel("Its length").fill("abc");
  await page.getByLabel("Its width").fill("300");
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page.getByText(/Its length: .*Nothing was put on the rack\./)).toBeVisible();
  await page.getByLabel("Its length").fill('24 3/8"');
  await page.getByLabel("Where from").fill("a shelf");
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page.getByText("1 put on the rack.")).toBeVisible();
  await expect(page.getByText("619.1 × 300 mm")).toBeVisible();
  await page.getByLabel("List of offcuts, CSV or DXF").setInputFiles({
    name: "rack.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("part,length,width,quantity\nold lid,512,300,2\nbad,abc,10,1\n"),
  });
  await expect(page.getByText("2 put on the rack.")).toBeVisible();
  await expect(page.getByText(/Line 3: length “abc”/)).toBeVisible();
  await page.reload();
  const mine = page.locator("[data-offcut]", { hasText: "Birch plywood 18 mm" });
  await expect(mine).toHaveCount(3);
  for (let left = 3; left > 0; left--) {
    await mine.first().getByRole("button").click();
    await expect(mine).toHaveCount(left - 1);
  }
});
