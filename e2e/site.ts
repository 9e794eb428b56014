import { cpSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import { type BrowserContext, test as base, type ConsoleMessage, expect } from "@playwright/test";
import { freePort, root, startServer } from "../scripts/run.mjs";
import { watchTraffic } from "./quiet";

/** Where the demo is laid out before any test. */
export const DEMO = resolve(root, "test-results/e2e-data");

/**
 * Tests against a server and data of their own worker: what one changes no other sees. They share the browser's store of
 * files too, as a builder's second visit does: each test used to fetch and read a megabyte of script again.
 */
export const test = base.extend<object, { site: string; visitor: BrowserContext }>({
  site: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads what a fixture needs from the pattern.
    async ({}, use, { workerIndex }) => {
      const data = `${DEMO}-${workerIndex}`;
      for (const left of [data, `${data}.lock`]) rmSync(left, { recursive: true, force: true });
      cpSync(DEMO, data, { recursive: true });
      const server = await startServer({ port: await freePort(), data });
      await use(server.address);
      await server.stop();
    },
    { scope: "worker", timeout: 240_000 },
  ],
  visitor: [
    async ({ browser, site }, use) => {
      const visitor = await browser.newContext({ baseURL: site, viewport: { width: 1280, height: 800 } });
      watchTraffic(visitor);
      await use(visitor);
      await visitor.close();
    },
    { scope: "worker" },
  ],
  context: async ({ visitor }, use) => {
    // What a page's policy forbids is a fault of ours wherever it happens, also in a worker.
    const violations: string[] = [];
    const note = (message: ConsoleMessage) => {
      if (/content security policy/i.test(message.text())) violations.push(message.text());
    };
    visitor.on("console", note);
    await use(visitor);
    visitor.off("console", note);
    expect(violations, "against the page's security policy").toEqual([]);
    for (const page of visitor.pages()) await page.close();
    await visitor.clearCookies();
  },
});
