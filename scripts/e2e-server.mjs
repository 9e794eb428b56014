/** Serves a fresh demo for the browser tests, on the port they ask for. */
import { rmSync } from "node:fs";
import { resolve } from "node:path";
import { must, root, startServer } from "./run.mjs";

const data = resolve(root, "test-results/e2e-data");
rmSync(data, { recursive: true, force: true });
rmSync(`${data}.lock`, { force: true });
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });
const server = await startServer({ port: Number(process.env.PORT), data });
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.stop());
await server.gone;
