import { expect, type Page } from "@playwright/test";
import { inHand, open, saved, showAllSnags, take, tally } from "./hand";
import { test } from "./site";

const field = (page: Page, name: string | RegExp) => page.getByRole("textbox", { name });

test("a window larger than its pane is stopped, and cut to fit; a slot is level with a tube", async ({ page }) => {
  await open(page, "/builds/landing-box/shell");
  await page.getByRole("button", { name: "Add a pane" }).click();
  const pane = inHand(page);
  await pane.getByRole("combobox", { name: "The pane is" }).selectOption("onHand");
  await pane.getByRole("textbox", { name: "Pane, wide" }).fill("130");
  await pane.getByRole("textbox", { name: "Pane, wide" }).blur();
  const stop = page.locator("[data-rule='windows/pane-too-small']");
  await expect(stop).toContainText("larger than its pane");
  await stop.getByRole("button", { name: /^Cut the opening 114 mm/ }).click();
  await expect(stop).toHaveCount(0);
  await expect(pane.getByRole("textbox", { name: "Opening, wide" })).toHaveValue(/^114/);

  await page.getByRole("button", { name: "Add a tube" }).click();
  const tube = inHand(page);
  await expect(tube.getByText("Oval, the long way")).toBeVisible();
  await tube.getByRole("textbox", { name: "Climbs by" }).fill("200");
  await tube.getByRole("textbox", { name: "Climbs by" }).blur();
  await expect(page.locator("[data-rule='ports/tube-steep']")).toContainText("45°");
  await page.getByRole("button", { name: /^Give it a run of/ }).click();
  await expect(page.locator("[data-rule='ports/tube-steep']")).toHaveCount(0);
  await tube.getByRole("combobox", { name: "Set level with" }).selectOption({ label: "Window" });
  const high = await tube.getByRole("textbox", { name: "Middle above the base" }).inputValue();
  await take(page, "Window");
  await expect(pane.getByRole("textbox", { name: "Middle above the base" })).toHaveValue(high);
  await saved(page);
});

test("a port is added, judged, dragged into line, mirrored and taken away", async ({ page }) => {
  await open(page, "/builds/ant-yard/shell");
  await page.getByRole("button", { name: "Add a port" }).click();
  const mark = page.locator("[data-feature='port-1']");
  await expect(mark).toBeVisible();
  const open3 = inHand(page).getByRole("textbox", { name: "Left open round it" });
  await open3.fill("3");
  await open3.blur();
  const stop = page.locator("[data-rule='front/way-out']");
  await showAllSnags(page);
  await expect(stop).toContainText("3 mm at worst fit");
  await stop.getByRole("button", { name: /^Fit a grommet/ }).click();
  await expect(stop).toHaveCount(0);

  // Off the middle by keys, then dragged near it: it is drawn to the middle.
  const across = field(page, "Middle from the left");
  const middle = await across.inputValue();
  await mark.focus();
  await page.keyboard.press("Shift+ArrowRight");
  await expect(across).not.toHaveValue(middle);
  const box = (await mark.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 3, y, { steps: 3 });
  await page.mouse.move(x - 5, y, { steps: 3 });
  await page.mouse.up();
  expect(Math.abs(Number(await across.inputValue()) - Number(middle))).toBeLessThanOrEqual(1);

  await across.fill("60");
  await across.blur();
  await page.getByRole("button", { name: "Mirror" }).click();
  await expect(page.locator("[data-feature='mirror-1']")).toBeVisible();
  await expect(across).not.toHaveValue("60");
  await page.getByRole("button", { name: "Take it off" }).click();
  await expect(page.locator("[data-feature='mirror-1']")).toHaveCount(0);
  await take(page, "Cable port");
  await page.getByRole("button", { name: "Take it off" }).click();
  await expect(mark).toHaveCount(0);
  await saved(page);
});

test("a drain on the base says so, and is moved to another face by its list", async ({ page }) => {
  await open(page, "/builds/haberdasher-s-cabinet/shell");
  await take(page, "Drain");
  const face = inHand(page).getByRole("combobox", { name: "Face" });
  await expect(face).toHaveValue("base");
  await face.selectOption("back");
  await expect(page.locator("[data-feature='drain']")).toHaveAttribute("aria-label", /on the back/);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(face).toHaveValue("base");
  await saved(page);
});

test("a keep-out keeps its place free", async ({ page }) => {
  await open(page, "/builds/nursery-tub/shell");
  await page.getByRole("button", { name: "Add a keep-out" }).click();
  await inHand(page).getByRole("combobox", { name: "Face" }).selectOption({ label: "left" });
  const kept = page.locator("[data-feature='keep-out-1']");
  await expect(kept).toBeVisible();
  await field(page, "Middle from the front").fill("192");
  await field(page, "Middle from the front").blur();
  await field(page, "Middle above the base").fill("150");
  await field(page, "Middle above the base").blur();
  await expect(page.locator("[data-rule='place/overlap']")).toContainText("In a keep-out");
  await page.getByRole("button", { name: "Undo" }).click();
  await saved(page);
});

test("the registers list what is open and what must be reached", async ({ page }) => {
  await open(page, "/builds/haberdasher-s-cabinet/front");
  await page.getByRole("button", { name: /^Try each/ }).click();
  await expect(page.locator("tr[data-opening='doors-meet']")).toContainText("held by a wedge");
  await expect(page.locator("tr[data-opening='pump-cable']")).toContainText("grommet round the cable");
  await page.keyboard.press("Escape");
  await expect(page.locator("tr[data-service='inside']")).toContainText("through the doors, 1028 mm × 668 mm clear");
  await expect(page.locator("tr[data-service='drain']")).toContainText("nothing glued over it inside");
});

test("water against the tray's glass is judged, deeper water stops the build", async ({ page }) => {
  await open(page, "/builds/haberdasher-s-cabinet/seal");
  await page.getByRole("button", { name: /^Tray, its long walls/ }).click();
  await expect(page.getByRole("dialog")).toContainText("Timoshenko");
  await page.keyboard.press("Escape");
  await page.keyboard.press("2");
  await take(page, "Tray");
  await field(page, "Tray, how high").fill("360");
  await field(page, "Tray, how high").blur();
  await page.keyboard.press("7");
  await field(page, "Standing water, how deep").fill("330");
  await field(page, "Standing water, how deep").blur();
  const stop = page.locator("[data-rule='panes/too-thin']");
  await expect(stop).toContainText("A glazier decides");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(stop).toHaveCount(0);
  await saved(page);
});

test("size is set against need, the school is chosen by the builder, and the old home compared", async ({ page }) => {
  await open(page, "/builds/flat-pack-1500/brief");
  await take(page, "Rosy boa");
  await field(page, "Floor it needs, long").fill("1.8 m");
  await field(page, "Floor it needs, long").blur();
  const small = page.locator("[data-rule='fit/too-small']");
  await showAllSnags(page);
  await expect(small).toContainText("length 1400 mm of 1800 mm");
  await page
    .locator("[data-rule='fit/choose-school']")
    .getByRole("button", { name: "Stepping up as it copes" })
    .click();
  await take(page, "Size");
  await expect(page.getByRole("combobox", { name: "School of size" })).toHaveValue("stepUp");
  await expect(small).toContainText("you step up as it copes");
  await page.getByRole("button", { name: "Compare with the old home" }).click();
  await field(page, "Old home, high").fill("70 cm");
  await field(page, "Old home, high").blur();
  await expect(page.locator("[data-rule='fit/smaller-than-before']")).toContainText("height 600 mm, was 700 mm");
  for (let i = 0; i < 4; i++) await page.getByRole("button", { name: "Undo" }).click();
  await expect(small).toHaveCount(0);
  await saved(page);
});

test("the back comes down at its true size, tiled", async ({ page }) => {
  for (const paper of ["a4", "letter"]) {
    const pdf = await page.request.get(`/builds/haberdasher-s-cabinet/files/back-${paper}.pdf`);
    expect(pdf.headers()["content-type"]).toBe("application/pdf");
    expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
  }
});

test("an inch build shows inches in sections and tally, and goes over to millimetres", async ({ page }) => {
  await open(page, "/builds/tower-on-end/shell");
  await page.getByRole("button", { name: "Sections", exact: true }).click();
  await expect(page.getByRole("img", { name: /^Section front to back: .*dam 4"/ })).toBeVisible();
  await page.getByRole("button", { name: "inches" }).click();
  await expect(page.getByRole("img", { name: /^Section front to back: .*dam 101.6/ })).toBeVisible();
  await expect(tally(page, "Mass dry / wet")).toHaveText("13 / 19 kg");
  await page.getByRole("button", { name: "Undo" }).click();
  await saved(page);
});
