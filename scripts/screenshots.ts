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
const CABINET = "/builds/haberdasher-s-cabinet";
interface View {
  name: string;
  address: string;
  /** What is pressed there before the picture. */
  press?: string;
  /** What is waited for after that: it may take a minute. */
  until?: string;
  width?: number;
}
const VIEWS: readonly View[] = [
  { name: "builds", address: "/" },
  { name: "new", address: "/new" },
  ...["brief", "seal", "cuts", "buying", "diary"].map((stage) => ({
    name: stage,
    address: `${FLAT_PACK}/${stage}`,
  })),
  {
    name: "air",
    address: "/builds/tower-on-end/air",
    press: "button:text-is('Look for it')",
    until: "button:text-is('Look again')",
  },
  { name: "shell", address: "/builds/larder-kit/shell" },
  { name: "front", address: "/builds/sill-box/front" },
  { name: "in-hand", address: `${FLAT_PACK}/background`, press: "[data-zone='ledge-1']" },
  { name: "water-test", address: `${CABINET}/seal`, press: "[data-thing='test/water-test'] button" },
  { name: "background", address: `${CABINET}/background` },
  {
    name: "fixtures",
    address: "/builds/tower-on-end/fixtures",
    press: "[data-thing='fixture/uv-tube'] button",
  },
  { name: "ground", address: `${CABINET}/ground` },
  { name: "sections", address: `${CABINET}/shell`, press: "button:text-is('Sections')" },
  { name: "model", address: "/builds/tower-on-end/shell", press: "button:text-is('Model')" },
  { name: "phone", address: `${CABINET}/bench`, width: 390 },
  { name: "workshop", address: "/workshop" },
];

const [out = "docs/screenshots", ...wanted] = process.argv.slice(2);
mkdirSync(out, { recursive: true });
const server = await serveFreshDemo();
const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
try {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  if (process.env.DARK) await context.addCookies([{ name: "theme", value: "dark", url: server.address }]);
  const page = await context.newPage();
  for (const { name, address, press, until, width = 1280 } of VIEWS) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${server.address}${address}`, { waitUntil: "networkidle" });
    await answers(page);
    if (press) {
      await page.locator(press).first().click();
      // What is drawn by a library fetched late.
      await page.waitForTimeout(2500);
    }
    if (until) await page.locator(until).first().waitFor({ timeout: 180_000 });
    await page.screenshot({ path: join(out, `${name}.png`) });
  }
} finally {
  await browser.close();
  await server.stop();
}
