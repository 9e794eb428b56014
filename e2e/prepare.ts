import { rmSync } from "node:fs";
import { must } from "../scripts/run.mjs";
import { DEMO } from "./site";

/** Lays out the demo once; each worker serves a copy of it. */
export default function prepare() {
  rmSync(DEMO, { recursive: true, force: true });
  rmSync(`${DEMO}.lock`, { force: true });
  must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: DEMO });
}
