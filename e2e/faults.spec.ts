import { writeFileSync } from "node:fs";
import { expect } from "@playwright/test";
import { open, saved, startBuild, take, tally } from "./hand";
import { test } from "./site";

test("bad sizes are explained at the field, and the last good plan stays", async ({ page }) => {
  await startBuild(page, "Fault box", ["800", "400", "400"]);
  const width = page.getByRole("textbox", { name: "Width" });
  const good = await tally(page, "Mass dry / wet").textContent();
  for (const [typed, words] of [
    ["0", /more than zero/],
    ["-20", /more than zero/],
    ["40 m", /too large.*did a unit slip/],
    ["wide", /is not a length/],
    ["", /This is needed/],
  ] as const) {
    await width.fill(typed);
    await width.blur();
    await expect(page.getByText(words)).toBeVisible();
    expect(await tally(page, "Mass dry / wet").textContent()).toBe(good);
  }
  await width.fill("850");
  await width.blur();
  await expect(page.getByText("flat sheet, 850 × 400 × 400")).toBeVisible();
  await expect(page.locator("body")).not.toContainText("NaN");
});

test("the new-build form marks every bad field at once and keeps what was typed", async ({ page }) => {
  await open(page, "/new");
  await page.getByLabel("Width inside").fill("abc");
  await page.getByLabel("Depth, to the front edge").fill("40 m");
  await page.getByRole("button", { name: "Start the build" }).click();
  await expect(page.getByText("Give the build a name.")).toBeVisible();
  await expect(page.getByText("“abc” is not a length")).toBeVisible();
  await expect(page.getByText("40000 mm is too large")).toBeVisible();
  await expect(page.getByText("Type the height inside.")).toBeVisible();
  await expect(page.getByLabel("Width inside")).toHaveValue("abc");
});

test("a vent larger than its face is a stop with the fix that fits it", async ({ page }) => {
  await open(page, "/builds/landing-box/air");
  await take(page, "Rail slot");
  await page.getByRole("textbox", { name: "Opening, wide" }).fill("900");
  await page.getByRole("textbox", { name: "Opening, wide" }).blur();
  const snag = page.locator("[data-rule='place/off-the-face']");
  await expect(snag).toContainText("It takes 900 mm");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(snag).toHaveCount(0);
  await saved(page);
});

test("files that are none are refused in words, and nothing changes", async ({ page }) => {
  await open(page, "/");
  const builds = await page.getByRole("heading", { level: 2 }).count();
  const upload = async (name: string, body: string | Buffer) => {
    const path = test.info().outputPath(name);
    writeFileSync(path, body);
    await page.locator("input[type=file]").setInputFiles(path);
  };
  const alert = page.getByRole("alert");
  await upload("notes.json", "dear diary");
  await expect(alert).toContainText("not JSON");
  await upload("short.json", '{"format":"hornwort-build","version":1,"design":{');
  await expect(alert).toContainText("cut short");
  await upload("newer.json", '{"format":"hornwort-build","version":7}');
  await expect(alert).toContainText("version 7");
  await upload("huge.json", Buffer.alloc(200 * 1024 * 1024, 32));
  await expect(alert).toContainText("200 MB; Hornwort takes at most 2 MB", { timeout: 30_000 });
  await page.reload();
  expect(await page.getByRole("heading", { level: 2 }).count()).toBe(builds);
});

test("an exported build comes in again as it went out", async ({ page }) => {
  const file = await (await page.request.get("/builds/landing-box/files/build.json")).text();
  await open(page, "/");
  const path = test.info().outputPath("landing-box.json");
  writeFileSync(path, file);
  await page.locator("input[type=file]").setInputFiles(path);
  await page.waitForURL(/\/builds\/landing-box-2\/shell/);
  const again = JSON.parse(await (await page.request.get("/builds/landing-box-2/files/build.json")).text());
  expect(again).toEqual(JSON.parse(file));
});

test("a page that is not there says so without a stack trace", async ({ page }) => {
  for (const address of ["/builds/no-such/shell", "/builds/flat-pack-1500/weather", "/nowhere"]) {
    const response = await page.goto(address);
    expect(response!.status()).toBe(404);
    await expect(page.getByRole("heading", { name: "Nothing here" })).toBeVisible();
    await expect(page.locator("body")).not.toContainText(/at .*\.(ts|js):\d/);
  }
});

test("raw saves that are wrong are refused in words", async ({ page }) => {
  const post = (body: string) =>
    page.request.post("/builds/flat-pack-1500/save", { headers: { "Content-Type": "application/json" }, data: body });
  for (const [body, status] of [
    ["{", 400],
    ["{}", 400],
    ['{"base":1,"design":{"version":3}}', 422],
    ['{"base":1,"design":null}', 422],
  ] as const) {
    const response = await post(body);
    expect(response.status()).toBe(status);
    expect(await response.json()).toMatchObject({
      saved: false,
      message: expect.stringMatching(/Nothing was changed/),
    });
  }
});

test("earlier saves that cannot be read are said to be, in the server's words or plainly", async ({ page }) => {
  await open(page, "/builds/landing-box/shell");
  const list = "**/builds/landing-box/revisions";
  await page.route(list, (route) => route.fulfill({ status: 500, body: "<html>" }));
  await page.getByRole("button", { name: "Earlier saves" }).click();
  await expect(page.getByRole("alert")).toContainText(
    "The earlier saves could not be read: the server does not answer",
  );
  await page.getByRole("button", { name: "Close the earlier saves" }).click();
  await page.unroute(list);
  await page.route(`${list}?number=*`, (route) =>
    route.fulfill({ status: 422, json: { message: "This is not a whole build." } }),
  );
  await page.getByRole("textbox", { name: "Width", exact: true }).fill("810");
  await page.getByRole("textbox", { name: "Width", exact: true }).blur();
  await saved(page);
  await page.getByRole("button", { name: "Earlier saves" }).click();
  await page.getByRole("button", { name: "Restore" }).first().click();
  await expect(page.getByRole("alert")).toContainText("Not restored: This is not a whole build.");
  await page.unroute(`${list}?number=*`);
});

test("single keys jump to stages until they are switched off, and stay off after a reload", async ({ page }) => {
  await open(page, "/builds/landing-box/shell");
  await page.keyboard.press("1");
  await expect(page).toHaveURL(/\/brief$/);
  await page.getByRole("button", { name: "Single keys: on" }).click();
  await page.keyboard.press("4");
  await page.keyboard.press("2");
  await open(page, page.url());
  await expect(page.getByRole("button", { name: "Single keys: off" })).toBeVisible();
  await page.keyboard.press("4");
  await expect(page).toHaveURL(/\/brief$/);
});
