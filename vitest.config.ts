import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["{core,db,files,cli,app}/**/*.test.ts"],
    globalSetup: ["db/testing/template.ts"],
    testTimeout: 30_000,
    hookTimeout: 60_000,
  },
});
