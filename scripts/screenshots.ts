/**
 * `npm run screenshots`: one picture of each main view from a fresh demo, into `docs/screenshots/`.
 * `npm run screenshots -- /tmp/look shell cuts` puts chosen views elsewhere; `DARK=1` takes them dark.
 */
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { answers } from "./answers.mjs";
import { BROWSER_ARGS, needChromium, serveFreshDemo } from "./run.mjs";

const FLAT_PACK = "/builds/flat-pack-1500";
const GLASS = "/builds/bramble-tower";
const CABINET = "/builds/haberdasher-s-cabinet";
/** A view's address, what is pressed there before the picture, and the heading brought into sight. */
const VIEWS: readonly [name: string, address: string, press?: string, show?: string][] = [
  ["builds", "/"],
  ["new", "/new"],
  ...["brief", "air", "seal", "cuts", "buying", "diary"].map(
    (stage) => [stage, `${FLAT_PACK}/${stage}`] as [string, string],
  ),
  ["shell", `${GLASS}/shell`],
  ["front", `${GLASS}/front`],
  ["shell-cabinet", `${CABINET}/shell`],
  ["water-test", `${CABINET}/seal`, undefined, "Water test"],
  ["background", `${CABINET}/background`],
  ["background-ways", `${CABINET}/background`, "Left", "Finish, side by side"],
  ["ground", `${CABINET}/ground`],
  ["sections", `${CABINET}/shell`, "Sections"],
  ["model", "/builds/tower-on-end/shell", "Model"],
  ["shell-tub", "/builds/nursery-tub/shell"],
  ["workshop", "/workshop"],
];

const [out = "docs/screenshots", ...wanted] = process.argv.slice(2);
mkdirSync(out, { recursive: true });
const server = await serveFreshDemo();
const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
try {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  if (process.env.DARK) await context.addCookies([{ name: "theme", value: "dark", url: server.address }]);
  const page = await context.newPage();
  for (const [name, address, press, show] of VIEWS) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    await page.goto(`${server.address}${address}`, { waitUntil: "networkidle" });
    // A stage opens at its head once the page answers: what is scrolled to before is lost again.
    await answers(page);
    if (press) {
      await page.getByRole("button", { name: press, exact: true }).click();
      await page.waitForTimeout(2500);
    }
    if (show) {
      await page.getByRole("heading", { name: show }).scrollIntoViewIfNeeded();
      // What is drawn only once it is in sight, or by a library fetched late.
      await page.waitForTimeout(2500);
    }
    await page.screenshot({ path: join(out, `${name}.png`) });
  }
} finally {
  await browser.close();
  await server.stop();
}
