import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { cutList, inHand, open, saved, settled } from "./hand";
import { test } from "./site";

// None of these depends on another.
test.describe.configure({ mode: "parallel" });

const CABINET = "/builds/haberdasher-s-cabinet";
const SCREENS = {
  "before a build": ["/", "/new", "/new?kind=tub", "/about", "/workshop"],
  "a build of sheet": ["brief", "shell", "front", "air", "seal", "cuts", "buying", "diary"].map(
    (stage) => `/builds/landing-box/${stage}`,
  ),
  "other shells": [
    ...["tower-on-end", "nursery-tub", "ant-yard", "larder-kit", "sill-box"].map((build) => `/builds/${build}/shell`),
    "/builds/nursery-tub/front",
  ],
  "a cabinet": ["shell", "cuts", "seal", "background", "ground"].map((stage) => `${CABINET}/${stage}`),
};
/** Where every colour of the theme is met; the other screens are made of the same. */
const DARK = /^\/$|workshop|landing-box|cabinet\/(seal|background)/;

for (const [which, addresses] of Object.entries(SCREENS))
  test(`no serious fault on any screen of ${which}, and nothing thrown or warned on the way`, async ({ page }) => {
    test.setTimeout(480_000);
    const said: string[] = [];
    page.on("console", (m) => ["error", "warning"].includes(m.type()) && said.push(m.text()));
    page.on("pageerror", (e) => said.push(e.message));
    for (const address of addresses) {
      await open(page, address);
      // Colours on their way from one theme to the other are nobody's contrast.
      // A sheet made by the page: a style element would be against its policy.
      await page.evaluate(() => {
        const still = new CSSStyleSheet();
        still.replaceSync("*, *::before, *::after { transition: none !important; }");
        document.adoptedStyleSheets = [still];
      });
      for (const theme of DARK.test(address) ? ["light", "dark"] : ["light"]) {
        // The theme is a class of the page; its button is pressed in the test below.
        await page.evaluate((name) => {
          document.documentElement.className = name;
        }, theme);
        // Without frames of others there is no need for a page of its own, which takes as long again.
        const axe = new AxeBuilder({ page }).setLegacyMode(true).options({
          // What is well takes longer to write down than to find.
          resultTypes: ["violations"],
          // The two themes are the same page in other colours: only those are judged twice.
          ...(theme === "dark" && { runOnly: { type: "rule", values: ["color-contrast"] } }),
        });
        const { violations } = await axe.analyze();
        const serious = violations.filter((v) => v.impact === "serious" || v.impact === "critical");
        expect(
          serious.map((v) => `${v.id}: ${v.nodes[0]?.html}`),
          `${address}, ${theme}`,
        ).toEqual([]);
      }
    }
    expect(said).toEqual([]);
  });

test("the theme is chosen by its button and kept over a reload", async ({ page }) => {
  await open(page, "/builds/landing-box/shell");
  const html = page.locator("html");
  await expect(html).toHaveClass(/light/);
  await page.getByRole("button", { name: "Dark", exact: true }).click();
  await expect(html).toHaveClass(/dark/);
  await page.reload();
  await expect(html).toHaveClass(/dark/);
  await settled(page);
  await page.getByRole("button", { name: "Light", exact: true }).click();
  await expect(html).toHaveClass(/light/);
});

/** Tabs until what has the focus has this name, as someone without a mouse does. */
async function tabTo(page: Page, name: RegExp) {
  for (let i = 0; i < 160; i++) {
    await page.keyboard.press("Tab");
    const found = await page.evaluate((source) => {
      const el = document.activeElement;
      const labels = (el as HTMLInputElement | null)?.labels;
      const text = el?.getAttribute("aria-label") ?? (labels?.length ? labels[0]!.textContent : el?.textContent);
      return new RegExp(source).test(text?.trim() ?? "");
    }, name.source);
    if (found) return;
  }
  throw new Error(`Tab never reached ${name}`);
}

test("a build is made, judged, mended and cut by keyboard alone", async ({ page }) => {
  await open(page, "/");
  await tabTo(page, /^New build$/);
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/new/);
  await settled(page);
  await tabTo(page, /^Name$/);
  await page.keyboard.type("Keys only");
  for (const size of ["1500", "600", "600"]) {
    await page.keyboard.press("Tab");
    await page.keyboard.type(size);
  }
  await page.keyboard.press("Enter");
  await page.waitForURL(/keys-only\/shell/);
  await page.getByRole("heading", { name: "Shell", exact: true }).waitFor();
  await settled(page);
  await tabTo(page, /^Front frame and substrate$/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Dam, how high$/);
  await page.keyboard.type("100");
  await tabTo(page, /^Head rail$/);
  await page.keyboard.type("60");
  await page.keyboard.press("Enter");
  await page.keyboard.press("1");
  await tabTo(page, /^Add a resident$/);
  await page.keyboard.type("Rosy");
  await tabTo(page, /^Narrowest rigid measure$/);
  await page.keyboard.press("Control+a");
  await page.keyboard.type("14");
  // Digits typed into a field are digits, not stages.
  await expect(page).toHaveURL(/\/brief$/);
  await page.keyboard.press("Enter");
  await page.keyboard.press("4");
  await tabTo(page, /^Put sliding doors in$/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Fit a key lock$/);
  await page.keyboard.press("Enter");
  await page.keyboard.press("5");
  await tabTo(page, /^Add holes, low left$/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Add mesh, high right$/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Low left, .*Arrow keys move it, with Alt they size it, Enter opens its fields\.$/);
  await page.keyboard.press("Shift+ArrowUp");
  // Enter and Space go from the mark to its fields.
  for (const key of ["Enter", " "]) {
    await page.locator("[data-feature='low-1']").focus();
    await page.keyboard.press(key);
    await expect(inHand(page).getByLabel("Middle from the front")).toBeFocused();
  }
  await page.locator("[data-feature='low-1']").focus();
  await page.keyboard.press("v");
  await expect(page.getByText("Variants is not built yet")).toBeVisible();
  await page.keyboard.press("6");
  await expect(page.getByRole("heading", { name: "Fixtures", exact: true }).first()).toBeVisible();
  await page.keyboard.press("9");
  await expect(page.getByText("2 sheets is least, proved")).toBeVisible();
  expect((await cutList(page))["shell/back"]).toEqual(["1520", "620"]);
  await page.keyboard.press("d");
  await expect(page.getByRole("heading", { name: "Diary" })).toBeVisible();
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+Shift+z");
  await saved(page);
});
