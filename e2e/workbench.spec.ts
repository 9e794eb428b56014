import { expect, type Page } from "@playwright/test";
import { meet } from "#core/labels/place";
import { answers } from "../scripts/answers.mjs";
import { asAtFirst, inHand, open, saved, take } from "./hand";
import { test } from "./site";

const BUILDS = ["bramble-tower", "haberdasher-s-cabinet", "flat-pack-1500", "tower-on-end", "nursery-tub"];
interface StageOf {
  id: string;
  key: string;
  title: string;
  /** How many times the page's height all there is to scroll may come to. */
  most: number;
}
const STAGES: StageOf[] = [
  { id: "brief", key: "1", title: "Brief", most: 2 },
  { id: "shell", key: "2", title: "Shell", most: 2 },
  { id: "ground", key: "3", title: "Water & substrate", most: 2 },
  { id: "front", key: "4", title: "Front & lid", most: 2 },
  { id: "air", key: "5", title: "Air", most: 2 },
  { id: "fixtures", key: "6", title: "Fixtures", most: 2 },
  { id: "seal", key: "7", title: "Seal", most: 2 },
  { id: "background", key: "8", title: "Background", most: 2 },
  { id: "cuts", key: "9", title: "Cuts", most: 3 },
  { id: "buying", key: "b", title: "Buying", most: 3 },
  { id: "diary", key: "d", title: "Diary", most: 3 },
];
const VIEWPORT = { width: 1280, height: 800 };

/** What a builder sees of a stage as it opens. */
const look = (page: Page) =>
  page.evaluate(() => {
    const rectOf = (el: Element | null | undefined) => {
      if (!el) return null;
      const { x, y, width, height } = el.getBoundingClientRect();
      return { x, y, width, height };
    };
    const all = [...document.querySelectorAll<HTMLElement>("body *")];
    // Everything that scrolls: the page itself, and each box in it by what it hides.
    let scrolled = document.documentElement.scrollHeight;
    for (const el of all) {
      const { overflowY } = getComputedStyle(el);
      if ((overflowY === "auto" || overflowY === "scroll") && el.scrollHeight > el.clientHeight)
        scrolled += el.scrollHeight - el.clientHeight;
    }
    const small = all.flatMap((el) => {
      const own = [...el.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent!.trim() !== "");
      if (!own || el.closest("[aria-hidden=true], script, style, noscript")) return [];
      const { width, height } = el.getBoundingClientRect();
      // What is read out and not shown.
      if (width <= 1 || height <= 1) return [];
      const size = Number.parseFloat(getComputedStyle(el).fontSize);
      return size < 13 ? [`${size} px: ${el.textContent!.trim().slice(0, 40)}`] : [];
    });
    const labels = [...document.querySelectorAll("[data-board] text[data-label]")].map((el) => ({
      ...rectOf(el)!,
      text: el.textContent ?? "",
    }));
    return {
      scrolled,
      small,
      labels,
      wide: document.documentElement.scrollWidth,
      board: rectOf(document.querySelector("[data-board]")),
      fields: [...document.querySelectorAll("#in-hand input, #in-hand select, #in-hand textarea, #in-hand button")].map(
        rectOf,
      ),
      snag: rectOf(document.querySelector("article[data-rule] h3")),
      rows: [...document.querySelectorAll("[data-rows] tr, [data-rows] li, [data-rows] [data-step]")].map(rectOf),
    };
  });

type Rect = { x: number; y: number; width: number; height: number };
const inSight = (rect: Rect | null | undefined) =>
  rect !== null &&
  rect !== undefined &&
  rect.width > 0 &&
  rect.x >= -1 &&
  rect.y >= -1 &&
  rect.x + rect.width <= VIEWPORT.width + 1 &&
  rect.y + rect.height <= VIEWPORT.height + 1;

for (const build of BUILDS)
  test(`every stage of ${build} is in one view: board, fields in hand and its first snag`, async ({ page }) => {
    const said: string[] = [];
    page.on("pageerror", (e) => said.push(e.message));
    page.on("console", (m) => m.type() === "error" && said.push(m.text()));
    await asAtFirst(page, build);
    await open(page, `/builds/${build}/brief`);
    const printed: string[] = [];
    for (const { id: stage, key, title, most } of STAGES) {
      await page.keyboard.press(key);
      await page.waitForURL(`**/builds/${build}/${stage}`);
      await expect(page.getByRole("heading", { name: title, exact: true })).toBeVisible();
      await answers(page);
      const seen = await look(page);
      printed.push(`${stage} ${(seen.scrolled / VIEWPORT.height).toFixed(2)}`);
      const what = `${build}, ${stage}`;
      const text = await page.locator("main").innerText();
      expect.soft(text.length, `${what}: empty`).toBeGreaterThan(60);
      expect.soft(text, what).not.toMatch(/NaN|undefined|Infinity/);
      if (stage !== "brief" && stage !== "buying") expect.soft(inSight(seen.board), `${what}: the board`).toBe(true);
      if (stage !== "buying" && stage !== "diary")
        expect.soft(inSight(seen.fields[0]), `${what}: a field in hand`).toBe(true);
      expect.soft(seen.rows.some(inSight), `${what}: a row`).toBe(true);
      if (seen.snag) expect.soft(inSight(seen.snag), `${what}: its first snag`).toBe(true);
      expect.soft(seen.scrolled / VIEWPORT.height, `${what}: how long it is`).toBeLessThanOrEqual(most);
      expect.soft(seen.small, `${what}: small text`).toEqual([]);
      expect.soft(seen.wide, `${what}: sideways`).toBeLessThanOrEqual(VIEWPORT.width);
      const over = seen.labels.flatMap((a, i) =>
        seen.labels.slice(i + 1).flatMap((b) => (meet(a, b, -1.5) ? [`“${a.text}” on “${b.text}”`] : [])),
      );
      expect.soft(over, `${what}: labels`).toEqual([]);
      const cut = seen.labels.filter(
        ({ x, y, width, height }) =>
          x < seen.board!.x - 1 ||
          y < seen.board!.y - 1 ||
          x + width > seen.board!.x + seen.board!.width + 1 ||
          y + height > seen.board!.y + seen.board!.height + 1,
      );
      expect.soft(cut, `${what}: labels that are cut`).toEqual([]);
    }
    console.log(`${build}, in heights of the page: ${printed.join(", ")}`);
    expect(said).toEqual([]);
  });

test("a handle, a typed measure and a snag's fix are seen on the board without scrolling", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/background");
  const mark = page.locator("[data-zone='ledge-1']");
  await mark.click();
  const drawn = async () => (await mark.boundingBox())!;
  const before = await drawn();
  // Where it stands once what is in hand is drawn.
  await expect(inHand(page).getByRole("heading")).toHaveText("Basking ledge");
  const handle = (await page.locator("[data-handle='1/0']").boundingBox())!;
  await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
  await page.mouse.down();
  await page.mouse.move(handle.x + handle.width / 2 + 20, handle.y + handle.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => (await drawn()).width).toBeGreaterThan(before.width + 10);
  const sized = await drawn();
  const high = inHand(page).getByRole("textbox", { name: "High" });
  await high.fill("120");
  await high.blur();
  await expect.poll(async () => (await drawn()).height).toBeGreaterThan(sized.height + 5);
  expect(inSight(await drawn())).toBe(true);
  await saved(page);

  // A planter without a hole: its fix is pressed where the board and the field are.
  await open(page, "/builds/haberdasher-s-cabinet/background");
  await take(page, "Planter 75, right");
  const drilled = inHand(page).getByRole("checkbox", { name: "Its bottom is drilled first" });
  // Another test may have drilled it.
  if (await drilled.isChecked()) await drilled.locator("xpath=ancestor::label").click();
  await expect(drilled).not.toBeChecked();
  const row = page.locator("[data-thing^='zone/']", { hasText: "Planter 75, right" });
  await expect(row).toContainText("stops");
  await page.getByRole("button", { name: "Drill it first", exact: true }).click();
  await expect(drilled).toBeChecked();
  await expect(row).toContainText("✓");
  expect(inSight(await page.locator("[data-board]").boundingBox())).toBe(true);
  expect(inSight(await drilled.locator("xpath=ancestor::label").boundingBox())).toBe(true);
  await saved(page);
});

test("a level is dragged on the section, and its field follows", async ({ page }) => {
  await open(page, "/builds/haberdasher-s-cabinet/ground");
  const level = page.locator("[data-level='drain']");
  const box = (await level.boundingBox())!;
  const water = (await page.locator("[data-level='water']").boundingBox())!;
  const before = Number(await level.getAttribute("aria-valuenow"));
  // By the edge that the water's line, which may lie close by, does not cover.
  const y = box.y < water.y ? box.y + 1 : box.y + box.height - 1;
  await page.mouse.move(box.x + box.width / 2, y);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, y - 10, { steps: 4 });
  await page.mouse.up();
  const depth = inHand(page).getByRole("textbox", { name: "How deep" });
  await expect.poll(async () => Number(await depth.inputValue())).toBeGreaterThan(before);
  const dragged = Number(await depth.inputValue());
  await level.focus();
  await page.keyboard.press("ArrowDown");
  await expect(depth).toHaveValue(String(dragged - 1));
  for (let i = 0; i < 2; i++) await page.getByRole("button", { name: "Undo" }).click();
  await saved(page);
});

test("the next line goes where it says, and anything is found or done by its name", async ({ page }) => {
  await open(page, "/builds/bramble-tower/brief");
  await page.getByRole("button", { name: /^Next: Stick insect nymph: a way out under the doors/ }).click();
  await expect(page).toHaveURL(/\/front$/);
  await expect(inHand(page).getByRole("heading")).toHaveText("under the doors");
  await page.keyboard.press("Control+k");
  await page.getByPlaceholder(/A stage, a thing/).fill("strip vent on");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/shell$/);
  await expect(inHand(page).getByRole("heading")).toHaveText("Strip vent on the sill");
  await page.keyboard.press("Control+k");
  await page.getByPlaceholder(/A stage, a thing/).fill("inside volume");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toContainText("How");
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await page.getByPlaceholder(/A stage, a thing/).fill("haberdasher");
  await page.getByRole("option", { name: /Haberdasher/ }).click();
  await expect(page).toHaveURL(/\/builds\/haberdasher/);
});

test("what plans is fetched again where the first try fails, and what was done meanwhile is not lost", async ({
  page,
}) => {
  let refused = 0;
  await page.route(/\/assets\/planner-/, (route) => (refused++ === 0 ? route.abort() : route.continue()));
  await open(page, "/builds/bramble-tower/ground");
  await expect(page.getByText(/could not be fetched from the server/)).toBeVisible();
  await expect(page.getByText(/could not be fetched from the server/)).toBeHidden({ timeout: 15_000 });
  expect(refused).toBeGreaterThan(1);
});

for (const [width, height] of [
  [390, 800],
  [1024, 768],
] as const)
  test(`at ${width} × ${height} nothing runs out sideways, and what is in hand comes over the board`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    for (const { id: stage } of STAGES) {
      await open(page, `/builds/haberdasher-s-cabinet/${stage}`);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, stage).toBeLessThanOrEqual(width);
    }
    await open(page, "/builds/haberdasher-s-cabinet/background");
    await expect(inHand(page)).toBeHidden();
    await page.locator("[data-zone]").first().click();
    await expect(inHand(page)).toBeVisible();
    await expect(page.locator("[data-board]")).toBeVisible();
    await page.getByRole("button", { name: "Close", exact: true }).click();
    await expect(inHand(page)).toBeHidden();
    await page.setViewportSize(VIEWPORT);
  });
