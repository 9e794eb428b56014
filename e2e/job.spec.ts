import { execFileSync } from "node:child_process";
import { expect } from "@playwright/test";
import { cutList, Hand, inHand, open, saved, settled, showAllSnags, startBuild, take, tally } from "./hand";
import { test } from "./site";

/** Worked by hand; see core/shell/shell.test.ts for each deduction. */
const HAND_WORKED = {
  "shell/top": ["1520", "600"],
  "shell/base": ["1520", "600"],
  "shell/left": ["600", "600"],
  "shell/right": ["600", "600"],
  "shell/back": ["1520", "620"],
  "front/dam": ["1500", "100"],
  "front/head-rail": ["1500", "60"],
  "front/slide-a": ["760.5", "427.5"],
  "front/track-top": ["1500", ""],
} as const;

test("the job, from New build to the diary, in at most 25 entries and clicks", async ({ page }) => {
  const hand = new Hand(page);
  await open(page, "/");
  await hand.click("New build", "link");
  await hand.type("Name", "Boas in the hall");
  await hand.type("Width inside", "1500");
  await hand.type("Depth, to the front edge", "600");
  await hand.type("Height inside", "600");
  await hand.click("Start the build");
  await page.waitForURL(/boas-in-the-hall\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await settled(page);
  await hand.click("Front frame and substrate");
  await hand.type("Dam, how high", "100");
  await hand.type("Head rail", "60");
  await hand.key("1");
  await hand.choose("Add a resident", "Rosy boa");
  await hand.type("Narrowest rigid measure", "14");
  await hand.key("4");
  await hand.click("Put sliding doors in");
  await hand.click("Fit a key lock");
  await hand.key("5");
  await hand.click("Add holes, low left");
  await hand.click("Add mesh, high right");
  await hand.key("9");
  await expect(page.getByText("2 sheets is least, proved")).toBeVisible();
  expect(await cutList(page)).toMatchObject(HAND_WORKED);
  await hand.key("b");
  await expect(page.locator("tr", { hasText: "Neutral silicone" })).toContainText("1 × tube 310 mL");
  await expect(page.locator("tr", { hasText: "Slide A" })).toContainText("760.5 mm × 427.5 mm");
  await expect(tally(page, "Cost, likely – safe")).toContainText("€");
  await hand.key("d");
  await expect(page.getByRole("heading", { name: "Diary" })).toBeVisible();
  await expect(tally(page, "Residents in")).toHaveText(/^\w{3} \d+ \w{3}$/);
  expect(hand.count).toBeLessThanOrEqual(25);
  // Nothing lets them out: no stop is left.
  await expect(page.getByText(/^0 stop the build/)).toBeVisible();

  await page.keyboard.press("4");
  await page.locator("[data-thing^='way/']", { hasText: "between the slides" }).getByRole("button").click();
  await expect(inHand(page)).toContainText("at worst: holds");

  await page.keyboard.press("2");
  await take(page, "Joints");
  await page.getByRole("combobox", { name: "Back", exact: true }).selectOption("inset");
  await page.keyboard.press("9");
  await expect(tally(page, "Sheets")).toContainText(/^3 /);
  await expect(page.getByText("3 sheets is least, proved")).toBeVisible();
  await showAllSnags(page);
  const snag = page.locator("[data-rule='cuts/saves-a-sheet']");
  await expect(snag).toContainText("The back laid over");
  await expect(snag).toContainText("10 mm less deep");
  await snag.getByRole("button", { name: /^Try/ }).click();
  await expect(tally(page, "Sheets")).toContainText(/^2 /);
  await saved(page);
});

test('the same job typed as 59 1/16", 23 5/8", 23 5/8" gives the same parts', async ({ page }) => {
  const address = await startBuild(page, "Boas in inches", ['59 1/16"', '23 5/8"', "23 5/8"], "inches");
  const hand = new Hand(page);
  await take(page, "Front frame and substrate");
  await hand.type("Dam, how high", "100 mm");
  await hand.type("Head rail", "60mm");
  await hand.key("4");
  await hand.click("Put sliding doors in");
  await hand.key("9");
  await expect(page.getByText("2 sheets is least, proved")).toBeVisible();
  const inches = await cutList(page);
  expect(inches["shell/top"]).toEqual(['59 7/8"', '23 5/8"']);
  await page.getByRole("button", { name: "inches" }).click();
  const metric = await cutList(page);
  for (const [id, pair] of Object.entries(HAND_WORKED))
    for (const [i, size] of pair.entries())
      expect(Math.abs(Number(metric[id]![i]) - Number(size)), id).toBeLessThanOrEqual(0.2 + 1e-9);
  await saved(page);
  expect(address).toContain("boas-in-inches");
});

test("a change of size moves net, cuts, glass, cost and diary at once, and undo brings all back", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/cuts");
  const look = async () => ({
    cuts: await cutList(page),
    cost: await tally(page, "Cost, likely – safe").textContent(),
    mass: await tally(page, "Mass dry / wet").textContent(),
    hands: await tally(page, "Hands on").textContent(),
  });
  const before = await look();
  await page.keyboard.press("2");
  const net = page.getByRole("group", { name: /^Net of/ });
  await net.waitFor();
  const drawn = await net.innerHTML();
  const width = page.getByRole("textbox", { name: "Width" });
  await width.fill("1200");
  // Still typing: the plan has moved already.
  await expect(page.getByText("flat sheet, 1200 × 600 × 600")).toBeVisible();
  expect(await net.innerHTML()).not.toBe(drawn);
  await width.blur();
  await page.keyboard.press("9");
  const after = await look();
  expect(after.cuts["shell/top"]).toEqual(["1220", "600"]);
  expect(after.cuts["front/slide-a"]).toEqual(["610.5", "427.5"]);
  for (const key of ["cost", "mass"] as const) expect(after[key]).not.toBe(before[key]);
  await page.getByRole("button", { name: "Undo" }).click();
  expect(await look()).toEqual(before);
  await page.getByRole("button", { name: "Redo" }).click();
  expect(await look()).toEqual(after);
  await page.keyboard.press("Control+z");
  expect(await look()).toEqual(before);
  await saved(page);
});

test("hornwort plan on the exported JSON gives the numbers on the screen", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/cuts");
  const shown = await cutList(page);
  const file = await (await page.request.get("/builds/flat-pack-1500/files/build.json")).text();
  const out = execFileSync("npm", ["run", "-s", "hornwort", "--", "plan"], { input: file, encoding: "utf8" });
  const planned = JSON.parse(out) as {
    parts: { id: string; lengthMm: number; widthMm: number }[];
    tally: { costLikelyMinor: number; sheets: number; massDryKg: number };
    snags: { title: string }[];
  };
  for (const part of planned.parts) expect(Number(shown[part.id]![0])).toBeCloseTo(part.lengthMm, 1);
  expect(await tally(page, "Cost, likely – safe").textContent()).toContain(
    (planned.tally.costLikelyMinor / 100).toFixed(2).replace(/\.00$/, ""),
  );
  await expect(tally(page, "Sheets")).toContainText(`${planned.tally.sheets} (`);
  await expect(tally(page, "Mass dry / wet")).toContainText(`${Math.round(planned.tally.massDryKg)} /`);
  await showAllSnags(page);
  // How sure the air is, the page works out once nobody has changed anything for a while.
  await expect(page.getByRole("article")).toHaveCount(planned.snags.length, { timeout: 40_000 });
});

test("the files of a build come down whole", async ({ page }) => {
  const get = async (file: string) => page.request.get(`/builds/flat-pack-1500/files/${file}`);
  expect(await (await get("cuts.csv")).text()).toContain("Head rail");
  expect(await (await get("shopping.csv")).text()).toContain("PVC foam sheet 10 mm");
  const pdf = await get("shop-sheet.pdf");
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
  expect((await get("other.txt")).status()).toBe(404);
});
