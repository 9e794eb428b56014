import { defineConfig } from "vitest/config";

const TESTS = "{core,db,files,cli,app,server}/**/*.test.ts";
const ALONE = "{core,db,files,cli,app,server}/**/*.alone.test.ts";

export default defineConfig({
  test: {
    globalSetup: ["db/testing/template.ts"],
    setupFiles: ["tests/seed.ts"],
    // Both cores of a small machine: by default one is left idle.
    maxWorkers: 2,
    testTimeout: 180_000,
    hookTimeout: 180_000,
    projects: [
      {
        extends: true,
        // Files share what they import: reading it anew for each took a quarter of the time.
        test: { name: "together", include: [TESTS], exclude: [ALONE], isolate: false },
      },
      // What puts other modules in the place of the real ones.
      { extends: true, test: { name: "alone", include: [ALONE], isolate: true } },
    ],
  },
});
