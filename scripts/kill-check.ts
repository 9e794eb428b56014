/**
 * Kills the server with SIGKILL while it saves, N times over, and shows that every save it acknowledged is there after
 * the restart. `npx tsx scripts/kill-check.ts 20`.
 */
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { statedMm } from "../core/design/measure";
import type { Build } from "../core/document/schema";
import { sheetShell } from "../tests/job";
import { freePort, must, startServer } from "./run.mjs";

const times = Number(process.argv[2] ?? 20);
const home = mkdtempSync(join(tmpdir(), "hornwort-kill-"));
const data = join(home, "data");
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });

const BUILD = "flat-pack-1500";
const widthOf = (design: Build) => sheetShell(design).size.width.value;
let acknowledged = { revision: 1, width: 1500 };
let saves = 0;
let lost = 0;

for (let round = 1; round <= times; round++) {
  const port = await freePort();
  const server = await startServer({ port, data });
  const revision = async (number: number) =>
    ((await (await fetch(`${server.address}/builds/${BUILD}/revisions?number=${number}`)).json()) as { design: Build })
      .design;
  const kept = await revision(acknowledged.revision);
  if (!kept || widthOf(kept) !== acknowledged.width) {
    lost++;
    console.error(`Round ${round}: revision ${acknowledged.revision} of width ${acknowledged.width} is gone.`);
  }
  const { revisions } = (await (await fetch(`${server.address}/builds/${BUILD}/revisions`)).json()) as {
    revisions: { number: number }[];
  };
  let base = revisions[0]!.number;
  const design = await revision(base);

  // Saves one after another until the server dies under them; the moment is different every round.
  const killAfterMs = 60 + ((round * 137) % 400);
  const killed = new Promise<void>((done) => setTimeout(() => server.stop("SIGKILL").then(done), killAfterMs));
  for (;;) {
    const width = 1000 + ((saves * 7) % 900) + 0.5;
    sheetShell(design).size.width = statedMm(width);
    try {
      const response = await fetch(`${server.address}/builds/${BUILD}/save`, {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify({ base, design }),
      });
      const answer = (await response.json()) as { saved: boolean; revision: number };
      if (!answer.saved) throw new Error("refused");
      base = answer.revision;
      acknowledged = { revision: base, width };
      saves++;
    } catch {
      break;
    }
  }
  await killed;
}

const server = await startServer({ port: await freePort(), data });
const last = (await (
  await fetch(`${server.address}/builds/${BUILD}/revisions?number=${acknowledged.revision}`)
).json()) as { design?: Build };
if (!last.design || widthOf(last.design) !== acknowledged.width) lost++;
await server.stop();
rmSync(home, { recursive: true, force: true });
console.log(`${times} kills, ${saves} saves acknowledged, ${lost} lost.`);
if (saves === 0 || lost > 0) process.exitCode = 1;
