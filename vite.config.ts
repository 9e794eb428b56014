import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

/**
 * What the browser fetches, in few files: a page in eighty pieces spends more on asking than on what it gets. What only
 * one screen needs (the model's and the charts' libraries, say) stays with that screen.
 */
const groups = [
  { name: "react", test: /node_modules[\\/](react|react-dom|react-router|scheduler)[\\/]/, priority: 3 },
  {
    name: "look",
    test: /node_modules[\\/](@chakra-ui|@ark-ui|@zag-js|@emotion|stylis)[\\/]/,
    priority: 2,
    minShareCount: 2,
  },
  { name: "core", test: /[\\/]core[\\/]/, priority: 1, minShareCount: 3 },
  { name: "shared", test: /[\\/](app|node_modules)[\\/]/, minShareCount: 3 },
];

export default defineConfig(({ isSsrBuild }) => ({
  plugins: [reactRouter()],
  worker: { format: "es" },
  server: { host: "127.0.0.1" },
  build: isSsrBuild ? {} : { reportCompressedSize: false, rolldownOptions: { output: { codeSplitting: { groups } } } },
  optimizeDeps: { entries: ["app/root.tsx", "app/routes/**/*.{ts,tsx}", "workers/*.ts"] },
}));
