import { defineConfig } from "@playwright/test";
import { BROWSER_ARGS, findChromium } from "./scripts/run.mjs";

const executablePath = findChromium();

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results/browser",
  globalSetup: "./e2e/prepare.ts",
  // Each has a server and data of its own.
  workers: 2,
  timeout: 60_000,
  reporter: [["list"], ["json"]],
  use: {
    launchOptions: {
      ...(executablePath && { executablePath }),
      args: BROWSER_ARGS,
    },
  },
});
