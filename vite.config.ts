import { reactRouter } from "@react-router/dev/vite";
import { defineConfig, type Plugin } from "vite";
import { guard, servedOn } from "./server/guard.ts";

/**
 * What the browser fetches, in few files: a page in eighty pieces spends more on asking than on what it gets. What only
 * one screen needs (the model's and the charts' libraries, say) stays with that screen.
 */
const groups = [
  { name: "react", test: /node_modules[\\/](react|react-dom|react-router|scheduler)[\\/]/, priority: 5 },
  {
    name: "look",
    test: /node_modules[\\/](@chakra-ui|@ark-ui|@zag-js|@emotion|stylis)[\\/]/,
    priority: 4,
    minShareCount: 2,
  },
  // Lengths and money in words, and what every page is drawn with: all that a page outside a build needs.
  { name: "words", test: /^(?!.*node_modules).*[\\/]core[\\/]units[\\/]/, priority: 3, minShareCount: 2 },
  {
    name: "paper",
    test: /^(?!.*node_modules).*[\\/]app[\\/](ui|theme)[\\/]|createLucideIcon/,
    priority: 3,
    minShareCount: 2,
  },
  // What nearly every stage of an open build shares; what only a few do, or what plans, would be waited for in vain.
  { name: "core", test: /^(?!.*node_modules).*[\\/]core[\\/]/, priority: 2, minShareCount: 8 },
  { name: "bench", test: /^(?!.*node_modules).*[\\/]app[\\/]/, priority: 1, minShareCount: 5 },
];

/** In development too only its own page writes; the port is known once it listens. */
const guarded: Plugin = {
  name: "hornwort-guard",
  apply: "serve",
  configureServer: (server) => {
    server.middlewares.use((request, response, next) =>
      guard(servedOn(request.socket.localPort ?? 0, process.env.HORNWORT_ORIGIN))(request, response, next),
    );
  },
};

export default defineConfig({
  plugins: [guarded, reactRouter()],
  worker: { format: "es" },
  server: { host: "127.0.0.1" },
  environments: {
    client: {
      build: {
        reportCompressedSize: false,
        rolldownOptions: {
          output: { codeSplitting: { groups } },
          // They hand back what they are given: a recipe of a component that is not used goes.
          treeshake: { manualPureFunctions: ["defineConfig", "defineRecipe", "defineSlotRecipe"] },
        },
      },
    },
    // The server is our own: it judges every request before the application sees it.
    ssr: { build: { rollupOptions: { input: "server/app.ts" } } },
  },
  optimizeDeps: { entries: ["app/root.tsx", "app/routes/**/*.{ts,tsx}", "workers/*.ts"] },
});
