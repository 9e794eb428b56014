import { expect, type Page } from "@playwright/test";
import { stepCodes } from "../core/bench/codes";
import { CABINET, entries, now, picture, press } from "./atBench";
import { showAllSnags, take } from "./hand";
import { test } from "./site";

const takeBack = async (page: Page, words: RegExp) => {
  const row = entries(page).filter({ hasText: words }).first();
  await row.getByRole("button", { name: /^Take back/ }).click();
  await expect(entries(page).filter({ hasText: words })).toHaveCount(0);
};
test("a step done and then changed in the design is told, and undone it is not; rework and regrets are written down", async ({
  page,
  site,
}) => {
  await page.goto(`${site}/builds/${CABINET}/bench`);
  await press(page, /^Carve the left/);
  await expect(now(page)).toContainText("Carve the left");
  await page.getByRole("textbox", { name: "Minutes it took" }).fill("50");
  await press(page, "Done");
  await expect(entries(page).first()).toContainText("Done: Carve the left, skin off; in 50 min");
  await page.goto(`${site}/builds/${CABINET}/background`);
  await press(page, "Left");
  await take(page, /^Left/);
  await page.getByRole("combobox", { name: /^Carved/ }).selectOption({ index: 1 });
  await page.goto(`${site}/builds/${CABINET}/bench`);
  const told = page.locator("[data-rule='bench/done-otherwise']");
  await expect(told.first()).toContainText("“Carve the left, skin off” is done; its work was");
  await page.goto(`${site}/builds/${CABINET}/background`);
  await press(page, "Left");
  await take(page, /^Left/);
  await page.getByRole("combobox", { name: /^Carved/ }).selectOption({ index: 0 });
  await page.goto(`${site}/builds/${CABINET}/bench`);
  await expect(now(page)).toBeVisible();
  await expect(told).toHaveCount(0);
  await takeBack(page, /Done: Carve the left/);
  await expect(page.getByRole("button", { name: /^Carve the left/ })).toBeVisible();

  await press(page, "Otherwise, again, next time…");
  await page.getByRole("combobox", { name: "What it is" }).selectOption({ label: "Done again" });
  await page.getByRole("combobox", { name: "Why" }).selectOption({ label: "it had not set" });
  await press(page, "Write it down");
  await expect(page.getByText("Say what was done again.")).toBeVisible();
  await page.getByRole("textbox", { name: "What was done again" }).fill("the left lift");
  await page.getByRole("textbox", { name: "Minutes", exact: true }).fill("45");
  await page.getByRole("textbox", { name: "What check would have caught it" }).fill("hardness");
  await press(page, "Write it down");
  await expect(entries(page).first()).toContainText("Done again: the left lift; it had not set; 45 min");
  await press(page, "Otherwise, again, next time…");
  await page.getByRole("combobox", { name: "What it is" }).selectOption({ label: "Next time otherwise" });
  await page.getByRole("textbox", { name: "What you would do otherwise" }).fill("A bulkhead, not a siphon");
  await press(page, "Write it down");
  await expect(entries(page).first()).toContainText("Next time: A bulkhead, not a siphon");
  // The next build is told it.
  await page.goto(`${site}/builds/landing-box/background`);
  await showAllSnags(page);
  await expect(page.locator("[data-rule='bench/next-time']").first()).toContainText("A bulkhead, not a siphon");
  await page.goto(`${site}/builds/${CABINET}/bench`);
  await takeBack(page, /Next time/);
  await takeBack(page, /Done again/);
});

test("a dry layout is over once it is photographed from three sides, or with a reason; a file that is none is told", async ({
  page,
  site,
}) => {
  await page.goto(`${site}/builds/larder-kit/bench`);
  const id = "background/prepare";
  const { log } = (await (await page.request.get(`${site}/builds/larder-kit/files/build.json`)).json()) as { log: [] };
  expect(log).toEqual([]);
  // Its code, as a bench sheet would print it; it is not its turn yet, and can be taken all the same.
  await page.getByRole("textbox", { name: "Code from a bench sheet" }).fill("AAAA");
  await expect(page.getByText("No step of this plan has this code.")).toBeVisible();
  await page.getByRole("textbox", { name: "Code from a bench sheet" }).fill(stepCodes([id]).get(id)!.toLowerCase());
  await press(page, "Take it");
  await expect(now(page)).toContainText("Lay the walls out dry");
  const done = page.getByRole("button", { name: "Done", exact: true });
  await expect(done).toBeDisabled();
  await expect(page.getByText(/Photograph it first from the front, from above, from below: 0 of 3/)).toBeVisible();
  const chosen = page.getByLabel(/^Photograph of/);
  await chosen.setInputFiles({ name: "notes.txt", mimeType: "image/jpeg", buffer: Buffer.from("no picture") });
  await expect(page.getByText(/notes.txt is no picture this browser can read/)).toBeVisible();
  const file = await picture(page, 64, 48);
  // As large as a camera makes them: forty megabytes are made small before they are sent.
  const large = { ...file, buffer: Buffer.concat([file.buffer, Buffer.alloc(40 * 1024 * 1024)]) };
  for (const [i, side] of ["from the front", "from above", "from below"].entries()) {
    await expect(page.getByRole("button", { name: `Photo ${side}` })).toBeVisible();
    await chosen.setInputFiles(i === 0 ? large : file);
    if (i < 2) await expect(page.getByText(new RegExp(`${i + 1} of 3 are there`))).toBeVisible();
  }
  await expect(done).toBeEnabled();
  await expect(page.locator("[data-photos] img")).toHaveCount(3);
  await done.click();
  await expect(entries(page).first()).toContainText(/Done: Lay the walls out dry; before .* was over/);
});

test("a phone scans the code and has the bench alone; the desk sees it, and closes it", async ({
  page,
  site,
  browser,
}) => {
  await page.goto(`${site}/builds/${CABINET}/bench`);
  await page.getByRole("combobox", { name: "On the address" }).selectOption("127.0.0.1");
  await press(page, "Open it to a phone");
  const code = page.locator("[data-code]");
  await expect(code.getByRole("img")).toBeVisible();
  const url = (await code.getAttribute("data-code"))!;
  const phone = await browser.newContext({ viewport: { width: 390, height: 800 } });
  const held = await phone.newPage();
  await held.goto(url);
  await expect(now(held)).toBeVisible();
  await expect(held.getByText("All pages")).toHaveCount(0);
  await expect(page.getByText(/One device is in/)).toBeVisible();
  await held.getByRole("button", { name: "Start", exact: true }).click();
  await expect(held.getByRole("button", { name: "Break off" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("button", { name: "Break off" })).toBeVisible();
  await takeBack(page, /Begun/);
  const other = await browser.newContext();
  expect((await (await other.newPage()).goto(url))!.status()).toBe(403);
  await press(page, "Close it");
  await expect(page.getByRole("button", { name: "Open it to a phone" })).toBeVisible();
  await expect(held.goto(`${new URL(url).origin}/builds/${CABINET}/bench`)).rejects.toThrow(/ERR_CONNECTION_REFUSED/);
  await phone.close();
  await other.close();
});

test("the ant yard is closed and watched: its checks, what is due, and its calendar", async ({ page, site }) => {
  await page.goto(`${site}/builds/ant-yard/bench`);
  await expect(page.getByText(/^All \d+ checked$/)).toBeVisible();
  await press(page, "Go through it");
  const smell = page.locator("[data-check='closing/clean']");
  await smell.getByRole("checkbox").click();
  await expect(page.locator("[data-rule='bench/closing-open']").first()).toContainText("clean-up");
  await smell.getByRole("checkbox").click();
  await expect(page.locator("[data-rule='bench/closing-open']")).toHaveCount(0);
  const latch = page.locator("[data-care='latch']");
  await expect(latch).toContainText("every 7 days; last");
  const calendar = await page.request.get(`${site}/builds/ant-yard/files/care.ics`);
  expect(calendar.headers()["content-type"]).toContain("text/calendar");
  const sheet = await page.request.get(`${site}/builds/${CABINET}/files/bench-sheet-a4.pdf`);
  expect((await sheet.body()).subarray(0, 5).toString()).toBe("%PDF-");
  await takeBack(page, /Checked: Clean-up/);

  // A device whose clock was set back: its entry is kept, dated now, and that is said; sent twice it is kept once.
  const event = { kind: "weighed", what: "the yard", kg: 1.4 };
  const send = (agoMs: number) =>
    page.request.post(`${site}/builds/ant-yard/log`, { data: [{ id: "clock-back", event, agoMs }] });
  const answer = (await (await send(-86_400_000)).json()) as { said: string; kept: { at: string }[] };
  expect(answer.said).toMatch(/clock was set otherwise .* dated now/);
  expect(answer.kept[0]!.at).toMatch(/^2026-01-05T17:/);
  expect(((await (await send(60_000)).json()) as { kept: { at: string }[] }).kept[0]!.at).toBe(answer.kept[0]!.at);
  await page.reload();
  await expect(entries(page).filter({ hasText: "Weighed: the yard" })).toHaveCount(1);
  await takeBack(page, /Weighed: the yard/);
});
