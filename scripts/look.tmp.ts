import { chromium } from "@playwright/test";
import { BROWSER_ARGS, needChromium, serveFreshDemo } from "./run.mjs";
import { answers } from "./answers.mjs";
const server = await serveFreshDemo();
const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
const shots: [string,string,string?][] = [["kit","/builds/larder-kit/shell"],["kitpanel","/builds/larder-kit/shell","[data-thing='kitPanel/back'] button"],["kitdiary","/builds/larder-kit/diary"],["box","/builds/sill-box/shell"],["boxstand","/builds/sill-box/shell","[data-thing='stand/stand'] button"],["kitseal","/builds/larder-kit/seal","[data-thing='liner/liner'] button"],["new","/new"],["boxfront","/builds/sill-box/front"]];
for (const [n,a,p] of shots) { await page.goto(server.address+a,{waitUntil:"networkidle"}); await answers(page); if(p){ await page.locator(p).first().click(); await page.waitForTimeout(1500);} else await page.waitForTimeout(800); await page.screenshot({path:`/tmp/look-${n}.png`}); }
await browser.close(); await server.stop();
