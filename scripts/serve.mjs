/** `npm start`: serves your own workshop from `data/workshop` (or HORNWORT_DATA); build first. */
import { existsSync } from "node:fs";
import { resolve } from "node:path";
import { freePort, must, root, startServer } from "./run.mjs";

const data = resolve(root, process.env.HORNWORT_DATA ?? "data/workshop");
if (!existsSync(resolve(root, "build/server/index.js")))
  must("Building", "npx", ["react-router", "build", "--logLevel", "warn"]);
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts"], { HORNWORT_DATA: data });
const server = await startServer({ port: await freePort(Number(process.env.PORT ?? 4300)), data });
console.log(`\nYour workshop is at ${server.address}\nStop it with Ctrl+C.\n`);
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.stop());
await server.gone;
