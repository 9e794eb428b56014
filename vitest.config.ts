import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["{core,db,files,cli,app,server}/**/*.test.ts"],
    globalSetup: ["db/testing/template.ts"],
    // Both cores of a small machine: by default one is left idle.
    maxWorkers: 2,
    // Files share what they import: reading it anew for each took a quarter of the time.
    isolate: false,
    testTimeout: 180_000,
    hookTimeout: 180_000,
  },
});
