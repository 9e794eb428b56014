import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [reactRouter()],
  worker: { format: "es" },
  server: { host: "127.0.0.1" },
  optimizeDeps: { entries: ["app/root.tsx", "app/routes/**/*.{ts,tsx}", "workers/*.ts"] },
});
