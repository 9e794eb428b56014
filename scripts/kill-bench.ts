/**
 * Kills the server with SIGKILL while a bench sends photographs and entries, N times over, and shows that afterwards every
 * one of them is kept, and none twice. It sends with the page's own logbook and an outbox that outlives each page.
 * `npx tsx scripts/kill-bench.ts 20`.
 */
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createClock } from "../app/state/clock";
import { createLogbook } from "../app/state/logbook";
import type { Outbox, Parcel } from "../app/state/outbox";
import type { BuildStore } from "../app/state/store";
import type { LogEntry } from "../core/log/schema";
import { emptyStock } from "../core/stock/schema";
import { freePort, must, startServer } from "./run.mjs";

const times = Number(process.argv[2] ?? 20);
const BUILD = "flat-pack-1500";
/** The smallest picture there is: one grey pixel. */
const PIXEL = Buffer.from(
  "/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AN//Z",
  "base64",
);
const home = mkdtempSync(join(tmpdir(), "hornwort-kill-bench-"));
const data = join(home, "data");
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });

/** What a device keeps: it outlives every page and every server. */
const kept: Parcel[] = [];
const outbox: Outbox = {
  all: async (build) => kept.filter((p) => p.build === build),
  put: async (parcel) => {
    kept.push(parcel);
  },
  drop: async (id) => {
    const at = kept.findIndex((p) => p.id === id);
    if (at >= 0) kept.splice(at, 1);
  },
};

let log: LogEntry[] = [];
/** As much of an open page as its logbook needs. */
const page = {
  clock: createClock(0),
  shown: { getState: () => ({ bench: { log, stock: emptyStock(), now: "2026-01-05T17:00" } }) },
  setBench: (bench: { log: LogEntry[] }) => {
    log = bench.log;
  },
} as unknown as BuildStore;

const sent = { entries: new Set<string>(), photos: new Set<string>() };
let count = 0;
const name = (n: number) => n.toString(16).padStart(12, "0");
async function open() {
  const server = await startServer({ port: await freePort(), data });
  const tab = { closed: false };
  // A page that is closed hears of nothing any more.
  const never = new Promise<Response>(() => {});
  const book = createLogbook(BUILD, page, async (path, init) => {
    const answer = tab.closed ? await never : await fetch(`${server.address}${path}`, init);
    return tab.closed ? never : answer;
  });
  await book.keepIn(outbox);
  return { server, book, tab };
}
/** Ticks and takes pictures until it is told to stop. */
async function work(book: ReturnType<typeof createLogbook>, until: Promise<void>) {
  let over = false;
  void until.then(() => {
    over = true;
  });
  while (!over) {
    const photo = name(++count);
    if (count % 3 === 0) {
      sent.photos.add(photo);
      book.addPhoto(photo, new Blob([PIXEL], { type: "image/jpeg" }), {
        ...{ kind: "photo", photo, view: "face", of: { kind: "step", id: `kill/${count}` } },
        ...{ widthPx: 1, heightPx: 1, words: "" },
      });
    } else book.add({ kind: "step-begun", step: `kill/${count}` });
    await new Promise((done) => setTimeout(done, 15));
  }
}

for (let round = 1; round <= times; round++) {
  const { server, book, tab } = await open();
  const killed = new Promise<void>((done) =>
    setTimeout(() => server.stop("SIGKILL").then(done), 80 + ((round * 137) % 500)),
  );
  await work(book, killed);
  tab.closed = true;
  for (const { id, event } of log) if (event.kind === "step-begun" || event.kind === "photo") sent.entries.add(id);
}

const { server, book } = await open();
for (let waited = 0; book.state.getState().waiting > 0 && waited < 600; waited++)
  await new Promise((done) => setTimeout(done, 100));
const file = (await (await fetch(`${server.address}/builds/${BUILD}/files/build.json`)).json()) as { log: LogEntry[] };
const ids = file.log.map(({ id }) => id);
const lost = [...sent.entries].filter((id) => !ids.includes(id)).length;
const twice = ids.length - new Set(ids).size + doubled(file.log);
let pictures = 0;
for (const photo of sent.photos) if ((await fetch(`${server.address}/builds/${BUILD}/photos/${photo}`)).ok) pictures++;
await server.stop();
rmSync(home, { recursive: true, force: true });
console.log(
  `${times} kills, ${sent.entries.size} entries and ${sent.photos.size} photographs sent: ${lost} entries lost, ${twice} twice, ${sent.photos.size - pictures} photographs lost, ${kept.length} still waiting.`,
);
const wrong = lost + twice + (sent.photos.size - pictures) + kept.length;
process.exit(sent.entries.size === 0 || wrong > 0 ? 1 : 0);

/** Entries that say the same of the same step under two names. */
function doubled(entries: readonly LogEntry[]): number {
  const steps = entries.flatMap(({ event }) =>
    event.kind === "step-begun" ? [event.step] : event.kind === "photo" ? [event.photo] : [],
  );
  return steps.length - new Set(steps).size;
}
