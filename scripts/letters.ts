/** `npm run letters`: measures the letters of the faces that drawings are written in, into `core/labels/letters.json`. */
import { readFileSync, writeFileSync } from "node:fs";
import { chromium } from "@playwright/test";
import { BROWSER_ARGS, needChromium } from "./run.mjs";

const FONTS = "node_modules/@fontsource-variable";
const FACES = {
  mono: `${FONTS}/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2`,
  body: `${FONTS}/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2`,
};
/** What is written on drawings beside the letters of plain ASCII. */
const MORE = "·×–—−°′″“”’‘é²³µ½¼¾±…øØ";

const faces = Object.entries(FACES)
  .map(
    ([name, file]) =>
      `@font-face{font-family:${name};font-weight:200 800;src:url(data:font/woff2;base64,${readFileSync(file).toString("base64")})}`,
  )
  .join("");
const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
try {
  const page = await browser.newPage();
  await page.setContent(
    `<style>${faces}</style><p style="font-family:mono">a<b>b</b></p><p style="font-family:body">a<b>b</b></p>`,
  );
  const measured = await page.evaluate(`(async () => {
    const chars = Array.from({ length: 95 }, (_, i) => String.fromCharCode(32 + i)).join("") + ${JSON.stringify(MORE)};
    const pen = document.createElement("canvas").getContext("2d");
    const widths = async (font) => {
      await document.fonts.load(font, "a");
      pen.font = font;
      return Object.fromEntries([...chars].map((c) => [c, Math.round(pen.measureText(c).width) / 1000]));
    };
    return {
      mono: await widths("400 1000px mono"),
      body: await widths("400 1000px body"),
      bold: await widths("700 1000px body"),
    };
  })()`);
  writeFileSync("core/labels/letters.json", `${JSON.stringify(measured, null, 2)}\n`);
} finally {
  await browser.close();
}
