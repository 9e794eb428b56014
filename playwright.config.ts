import { defineConfig } from "@playwright/test";
import { BROWSER_ARGS, findChromium } from "./scripts/run.mjs";

const executablePath = findChromium();

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results/browser",
  globalSetup: "./e2e/prepare.ts",
  // Each has a server and data of its own.
  workers: 2,
  // Ten times what a test takes: a small machine whose neighbours are busy can stand still for a minute or two.
  timeout: 240_000,
  expect: { timeout: 20_000 },
  // What passes only at the second try is named at the end of `npm test`.
  retries: 1,
  reporter: [["list"], ["json"]],
  use: {
    launchOptions: {
      ...(executablePath && { executablePath }),
      args: BROWSER_ARGS,
    },
  },
});
