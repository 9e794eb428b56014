import { expect, type Page } from "@playwright/test";
import {
  choose,
  goOn,
  inHand,
  letGo,
  open,
  putIn,
  saved,
  showAllSnags,
  take,
  toldAndCleared,
  type,
  undoAll,
} from "./hand";
import { test } from "./site";

/** Puts a fixture on; it is in hand then. */
const putOn = (page: Page, what: string) =>
  page.getByRole("combobox", { name: "Put on", exact: true }).selectOption({ label: what });
const tick = (page: Page, label: string) => inHand(page).getByRole("checkbox", { name: label }).click({ force: true });

/** An empty glass tank of a size, mm outside, at its fixtures. */
async function tank(page: Page, name: string, [length, width, height]: readonly [string, string, string]) {
  await page.goto("/new?kind=tank");
  await page.getByLabel("Name").fill(name);
  await page.getByLabel("Length outside").fill(length);
  await page.getByLabel("Width outside").fill(width);
  await page.getByLabel("Height outside").fill(height);
  await page.getByRole("button", { name: "Start the build" }).click();
  await page.waitForURL(/\/builds\/[^/]+\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await goOn(page, "fixtures");
}

test("everything wants a place on a lid of 300 × 300, and finds one by its fixes", async ({ page }) => {
  await tank(page, "Small lid", ["312", "312", "450"]);
  for (const what of [
    "spot lamp",
    "UV tube",
    "plant light",
    "mist nozzle",
    "mist nozzle",
    "heat mat",
    "small fan",
    "temperature probe",
    "temperature probe",
  ])
    await putOn(page, what);
  await letGo(page);
  await showAllSnags(page);
  const met = page.locator("[data-rule='fixtures/in-the-way']");
  expect(await met.count()).toBeGreaterThan(2);
  for (let i = 0; i < 12 && (await met.count()) > 0; i++) {
    const before = await met.count();
    await met
      .first()
      .getByRole("button", { name: /^Move it to the nearest/ })
      .click();
    await expect.poll(() => met.count()).toBeLessThan(before);
  }
  await expect(met).toHaveCount(0);
  // Drawn from above or cut through, no two of them lie in one another.
  const boxesOf = (mark: string) =>
    page.locator(`[${mark}]`).evaluateAll(
      (all, name) =>
        Object.fromEntries(
          all.map((el) => {
            const { x, y, width, height } = (el as SVGGraphicsElement).getBBox();
            return [el.getAttribute(name)!, { x: [x, x + width], y: [y, y + height] }] as const;
          }),
        ),
      mark,
    );
  const [plan, cut] = [await boxesOf("data-top"), await boxesOf("data-section")];
  const apart = (a: readonly number[], b: readonly number[]) => a[1]! <= b[0]! + 0.5 || b[1]! <= a[0]! + 0.5;
  const ids = Object.keys(plan);
  expect(ids).toHaveLength(6);
  for (const a of ids)
    for (const b of ids.filter((id) => id > a))
      expect(
        apart(plan[a]!.x, plan[b]!.x) || apart(plan[a]!.y, plan[b]!.y) || apart(cut[a]!.y, cut[b]!.y),
        `${a} and ${b}`,
      ).toBe(true);
  await saved(page);
});

test("fixtures made wrong on purpose are told, and each fix clears it", async ({ page }) => {
  await tank(page, "Wrong lights", ["912", "462", "606"]);
  // A lamp: in plastic, without thermostat or second cut-out, above every zone, over a branch put in later.
  await putOn(page, "spot lamp");
  await choose(page, "Holder", "plastic");
  await toldAndCleared(page, "fixtures/holder", /^It is ceramic/);
  await choose(page, "Switched by", "timer");
  await toldAndCleared(page, "fixtures/no-thermostat", /^Put it on a thermostat/);
  await toldAndCleared(page, "fixtures/no-cut-out", /^Add a high-limit/);
  await goOn(page, "ground");
  await putIn(page, "a stone");
  await type(page, "High", "450");
  await goOn(page, "fixtures");
  await take(page, "Spot lamp");
  await type(page, "Its middle, from the left", "300");
  await toldAndCleared(page, "fixtures/too-near", /^Raise it by/);
  await inHand(page).getByRole("button", { name: "Add a reading" }).click();
  await type(page, "UV index", "30");
  await toldAndCleared(page, "fixtures/above-every-zone", /^Raise it by/);
  // A mat under wet substrate; a nozzle on a lamp inside; a circuit at nine tenths.
  await putOn(page, "heat mat");
  await tick(page, "A high-limit cut-out of its own");
  await choose(page, "Face", "base");
  await goOn(page, "ground");
  await letGo(page);
  await type(page, "Substrate's top, at the back", "120");
  await goOn(page, "fixtures");
  await toldAndCleared(page, "fixtures/mat-under-wet", /^Move it to the/);
  await putOn(page, "ceramic emitter");
  await choose(page, "Side", "inside");
  await tick(page, "A guard round it");
  await type(page, "Its middle, from the left", "700");
  await putOn(page, "mist nozzle");
  await type(page, "Its middle, from the left", "620");
  await toldAndCleared(page, "fixtures/nozzle-on-lamp", /^Move it to the nearest/);
  await letGo(page);
  await type(page, "What else hangs on it, W", "2990");
  await toldAndCleared(page, "fixtures/circuit-full", /^Give it a circuit/);
  await saved(page);
});

test("a top that softens or sags, a mat behind foam or on timber, UV through glass, a plug that does not pass", async ({
  page,
}) => {
  await open(page, "/builds/flat-pack-1500/fixtures");
  await putOn(page, "spot lamp");
  await type(page, "Watts, W", "100");
  await choose(page, "Side", "inside");
  await toldAndCleared(page, "fixtures/soft-top", /^(Fit a metal shade|Hang it|Put it outside)/);
  await type(page, "Weighs, kg", "25");
  await toldAndCleared(page, "shell/top-sags", /^Make the top of/);
  await putOn(page, "heat mat");
  await toldAndCleared(page, "fixtures/mat-behind-foam", /^(Move it|Leave its place on the)/);
  await goOn(page, "shell");
  await page.getByRole("button", { name: "Add a port" }).click();
  await goOn(page, "fixtures");
  await putOn(page, "thermostat");
  await type(page, "Plug, the long way", "40");
  await inHand(page).getByRole("combobox", { name: "Cable passes" }).selectOption({ index: 1 });
  await toldAndCleared(page, "fixtures/plug-too-large", /^Bore the port/);
  await undoAll(page);
  await open(page, "/builds/haberdasher-s-cabinet/fixtures");
  await putOn(page, "heat mat");
  await toldAndCleared(page, "fixtures/mat-on-timber", /^(Move it|Leave it out)/);
  await undoAll(page);
  await open(page, "/builds/tower-on-end/fixtures");
  await putOn(page, "UV tube");
  await inHand(page).getByRole("button", { name: "Add a reading" }).click();
  await toldAndCleared(page, "fixtures/uv-through-glass", /^(Hang it inside|Move it over)/);
  await undoAll(page);
});

/** That nothing of these rules is told, with every snag shown. */
async function notTold(page: Page, ...rules: string[]) {
  await showAllSnags(page);
  await expect(page.locator("[data-rule]").first()).toBeVisible();
  for (const rule of rules) await expect(page.locator(`[data-rule='${rule}']`), rule).toHaveCount(0);
}

test("their twins, made right by the same steps, are not told", async ({ page }) => {
  await tank(page, "Right lights", ["912", "462", "606"]);
  // The lamp in ceramic, on a thermostat, with a cut-out, its reading in a zone, and the stone at the other end.
  await putOn(page, "spot lamp");
  await choose(page, "Holder", "ceramic");
  await choose(page, "Switched by", "thermostat, switching");
  await tick(page, "A high-limit cut-out of its own");
  await type(page, "Its middle, from the left", "150");
  await inHand(page).getByRole("button", { name: "Add a reading" }).click();
  await type(page, "UV index", "0.9");
  await goOn(page, "ground");
  await putIn(page, "a stone");
  await type(page, "High", "450");
  await type(page, "Its middle, from the left", "450");
  await letGo(page);
  await type(page, "Substrate's top, at the back", "120");
  await goOn(page, "fixtures");
  // The mat on the bare side, the nozzle away from the emitter, the tube inside, the circuit half full.
  await putOn(page, "heat mat");
  await tick(page, "A high-limit cut-out of its own");
  await putOn(page, "ceramic emitter");
  await choose(page, "Holder", "ceramic");
  await choose(page, "Side", "inside");
  await tick(page, "A guard round it");
  await type(page, "Its middle, from the left", "780");
  await putOn(page, "mist nozzle");
  await type(page, "Its middle, from the left", "300");
  await putOn(page, "UV tube");
  await choose(page, "Side", "inside");
  await inHand(page).getByRole("button", { name: "Add a reading" }).click();
  await type(page, "UV index", "0.1");
  await letGo(page);
  await type(page, "What else hangs on it, W", "1200");
  await notTold(
    page,
    ...["holder", "too-near", "above-every-zone", "mat-under-wet", "mat-behind-foam", "mat-on-timber"].map(
      (rule) => `fixtures/${rule}`,
    ),
    ...["nozzle-on-lamp", "circuit-full", "uv-through-glass"].map((rule) => `fixtures/${rule}`),
  );
  await take(page, "Ceramic emitter");
  await tick(page, "A high-limit cut-out of its own");
  await notTold(page, "fixtures/no-thermostat", "fixtures/no-cut-out");
  await saved(page);
  // A light lamp with a shade under the softening top, and a plug that its port passes.
  await open(page, "/builds/flat-pack-1500/fixtures");
  // The demo's own top sags; of thicker sheet it does not, and a light lamp changes nothing of that.
  await toldAndCleared(page, "shell/top-sags", /^Make the top of/);
  await putOn(page, "spot lamp");
  await type(page, "Watts, W", "20");
  await choose(page, "Side", "inside");
  await tick(page, "A metal shade over it");
  await type(page, "Weighs, kg", "0.6");
  await goOn(page, "shell");
  await page.getByRole("button", { name: "Add a port" }).click();
  await goOn(page, "fixtures");
  await putOn(page, "thermostat");
  await type(page, "Plug, the long way", "8");
  await inHand(page).getByRole("combobox", { name: "Cable passes" }).selectOption({ index: 1 });
  await notTold(page, "fixtures/soft-top", "shell/top-sags", "fixtures/plug-too-large");
  await undoAll(page);
});

test("a lamp is dragged on the map of the top, and its place and its field follow", async ({ page }) => {
  await open(page, "/builds/tower-on-end/fixtures");
  await take(page, "UV tube");
  const field = inHand(page).getByRole("textbox", { name: "Its middle, up the face" });
  const place = await field.inputValue();
  const mark = page.locator("[data-top='uv-tube']");
  const box = (await mark.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 10);
  await page.mouse.move(x, y + 24);
  await page.mouse.up();
  // Down on the map is towards the front: less up the face.
  await expect(field).not.toHaveValue(place);
  const inches = (text: string) =>
    text
      .replace('"', "")
      .split(" ")
      .reduce((sum, part) => {
        const [a, b = 1] = part.split("/").map(Number) as [number, number?];
        return sum + a / b;
      }, 0);
  expect(inches(await field.inputValue())).toBeLessThan(inches(place));
  expect((await mark.boundingBox())!.y).toBeGreaterThan(box.y + 15);
  await undoAll(page);
  await expect(field).toHaveValue(place);
});

test("what is measured of a lamp goes before its label, in the lines of its light and in the verdict, until it is taken back", async ({
  page,
}) => {
  await open(page, "/builds/tower-on-end/fixtures");
  await take(page, "UV tube");
  const lines = () =>
    page.locator("[data-contours] path").evaluateAll((all) => all.map((p) => p.getAttribute("d")).join());
  const byLabel = await lines();
  await showAllSnags(page);
  const told = page.locator("[data-rule='fixtures/above-every-zone']");
  await expect(told).toHaveCount(0);
  await inHand(page).getByRole("button", { name: "Log the UV index" }).click();
  await expect(inHand(page).getByRole("alert")).toContainText("Type a distance from");
  await type(page, "Measured at", '10"');
  await type(page, "UV index there", "9");
  await inHand(page).getByRole("button", { name: "Log the UV index" }).click();
  await expect(told).toBeVisible();
  await expect.poll(lines).not.toBe(byLabel);
  await inHand(page)
    .getByRole("button", { name: /^Take back: UV index 9/ })
    .click();
  await expect(told).toHaveCount(0);
  await expect.poll(lines).toBe(byLabel);
});
