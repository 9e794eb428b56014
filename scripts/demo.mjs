/**
 * `npm run demo`: installs, builds, migrates, seeds and serves the demo, and prints its address. The demo has a data
 * directory of its own; what a visitor changed stays until `npm run demo -- --fresh`, which puts the old one aside.
 */
import { existsSync, renameSync } from "node:fs";
import { resolve } from "node:path";
import { freePort, installPackages, must, root, startServer } from "./run.mjs";

const data = resolve(root, process.env.HORNWORT_DATA ?? "data/demo");
installPackages();
console.log("Building…");
must("Building", "npx", ["react-router", "build", "--logLevel", "warn"]);
if (process.argv.includes("--fresh") && existsSync(data)) {
  const aside = `${data}-until-${new Date().toISOString().replace(/[:.]/g, "-")}`;
  renameSync(data, aside);
  console.log(`The demo as it was is put aside in ${aside}.`);
}
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });
const server = await startServer({ port: await freePort(Number(process.env.PORT ?? 4300)), data });
console.log(
  `\nHornwort's demo, the Tern Street Workshop, is at ${server.address}\nStop it with Ctrl+C; your changes are kept.\n`,
);
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.stop());
await server.gone;
