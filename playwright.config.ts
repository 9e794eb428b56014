import { defineConfig } from "@playwright/test";
import { BROWSER_ARGS, findChromium } from "./scripts/run.mjs";

const PORT = 4391;
const executablePath = findChromium();

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results/browser",
  workers: 1,
  timeout: 60_000,
  reporter: [["list"], ["json"]],
  webServer: {
    command: "node scripts/e2e-server.mjs",
    url: `http://127.0.0.1:${PORT}/favicon.svg`,
    env: { PORT: String(PORT) },
    timeout: 120_000,
    gracefulShutdown: { signal: "SIGTERM", timeout: 5000 },
  },
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      ...(executablePath && { executablePath }),
      args: BROWSER_ARGS,
    },
  },
});
