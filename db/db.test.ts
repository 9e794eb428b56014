import { spawn, spawnSync } from "node:child_process";
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { eq } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { DayAnswer } from "../core/day/answer";
import { parseLocal } from "../core/design/localTime";
import { statedMm } from "../core/design/measure";
import { BUILD_VERSION, type Build } from "../core/document/schema";
import type { LogEntry } from "../core/log/schema";
import type { Result } from "../core/units/result";
import { starterWorkshop } from "../core/workshop/starter";
import { demoStock } from "../demo/tern-street";
import { jobBuild, sheetShell } from "../tests/job";
import { createBuild, listBuilds, listRevisions, readNewest, readRevision, saveRevision } from "./builds";
import { DAYS_KEPT, readDays, writeDay } from "./days";
import { DirectoryTaken, lockDirectory } from "./lock";
import { addToLog, NEW_OFFCUT, readLog, readOthers } from "./log";
import { readNestings, writeNesting } from "./nestings";
import { type OpenDatabase, openDirectory } from "./open";
import { listPhotos, readPhoto, writePhoto } from "./photos";
import { dropOffcut, putOffcuts } from "./rack";
import { days, events, revisions } from "./schema";
import { templateDirectory } from "./testing/template";
import {
  readBook,
  readPinnedMinutes,
  readStock,
  readWorkshop,
  writeBook,
  writePinnedNow,
  writePrice,
  writeStock,
  writeWorkshop,
} from "./workshop";

const home = mkdtempSync(join(tmpdir(), "hornwort-db-"));
const directory = join(home, "data");
let open: OpenDatabase;

function got<T>(read: Result<T> | undefined): T {
  if (!read?.ok) throw new Error(read?.message ?? "nothing is there");
  return read.value;
}

beforeAll(async () => {
  cpSync(templateDirectory(), directory, { recursive: true });
  open = await openDirectory(directory);
});
afterAll(async () => {
  await open.close();
  rmSync(home, { recursive: true, force: true });
});

const wide = (mm: number): Build => {
  const build = jobBuild();
  sheetShell(build).size.width = statedMm(mm);
  return build;
};

describe("builds and revisions", () => {
  it("keeps every save, the newest in force", async () => {
    const id = await createBuild(open.db, jobBuild(), "started");
    expect(id).toBe("the-job");
    expect(await saveRevision(open.db, id, 1, wide(1400), "edited")).toEqual({ saved: true, revision: 2 });
    expect(await saveRevision(open.db, id, 2, wide(1300), "edited")).toEqual({ saved: true, revision: 3 });
    expect(sheetShell(got(await readNewest(open.db, id)).design).size.width.value).toBe(1300);
    expect(sheetShell(got(await readRevision(open.db, id, 1))).size.width.value).toBe(1500);
    expect((await listRevisions(open.db, id)).map((r) => r.number)).toEqual([3, 2, 1]);
  });

  it("brings up a build that an older version kept, when it is read", async () => {
    const { features: _, ...variant } = jobBuild().variants[0]!;
    const features = jobBuild().variants[0]!.features.map((f) =>
      f.kind === "mesh" ? Object.fromEntries(Object.entries(f).filter(([key]) => key !== "shape")) : f,
    );
    const old = {
      ...jobBuild(),
      version: 1,
      name: "Old job",
      variants: [{ ...variant, features }],
    } as unknown as Build;
    const id = await createBuild(open.db, old, "started");
    for (const design of [got(await readNewest(open.db, id)).design, got(await readRevision(open.db, id, 1))]) {
      expect(design.version).toBe(BUILD_VERSION);
      expect(design.variants[0]!.features.find((f) => f.kind === "mesh")).toMatchObject({ shape: "panel" });
    }
  });

  it("gives a second build of the same name an id of its own", async () => {
    expect(await createBuild(open.db, jobBuild(), "started")).toBe("the-job-2");
    expect((await listBuilds(open.db)).map((b) => b.id)).toContain("the-job-2");
    const odd = jobBuild();
    odd.name = "???";
    expect(await createBuild(open.db, odd, "started")).toBe("build");
  });

  it("answers a save over someone else's with what is there, and keeps neither silently", async () => {
    const answer = await saveRevision(open.db, "the-job", 1, wide(900), "edited");
    expect(answer).toMatchObject({ saved: false, newest: 3 });
    expect(got(await readNewest(open.db, "the-job")).revision).toBe(3);
    expect(await saveRevision(open.db, "the-job", null, wide(900), "edited")).toEqual({ saved: true, revision: 4 });
    expect(await saveRevision(open.db, "no-such", 1, wide(900), "edited")).toBeUndefined();
  });

  it("lets two saves from one revision through one at a time: one wins, one is told", async () => {
    const answers = await Promise.all(
      [1000, 1100].map((mm) => saveRevision(open.db, "the-job", 4, wide(mm), "edited")),
    );
    expect(answers.map((a) => a!.saved).sort()).toEqual([false, true]);
  });

  it("reads back exactly what was kept", async () => {
    expect(got(await readRevision(open.db, "the-job", 1))).toEqual(jobBuild());
    expect(await readRevision(open.db, "the-job", 99)).toBeUndefined();
    expect(await readNewest(open.db, "nothing")).toBeUndefined();
  });
});

describe("workshop, book and stock", () => {
  it("starts from the starter book and hours", async () => {
    expect((await readWorkshop(open.db)).hours).toHaveLength(7);
    expect((await readBook(open.db)).materials.length).toBeGreaterThan(15);
    expect(await readStock(open.db)).toEqual({ offcuts: [], onHand: [] });
    expect(await readPinnedMinutes(open.db, 0)).toBeUndefined();
  });

  it("keeps what is written", async () => {
    await writeWorkshop(open.db, { ...starterWorkshop(), name: "Loft" });
    await writeStock(open.db, demoStock);
    await writePinnedNow(open.db, "2026-01-05T17:00", 60_000);
    expect((await readWorkshop(open.db)).name).toBe("Loft");
    expect(await readStock(open.db)).toEqual(demoStock);
    // It runs on from when it was set; a machine's clock that was set back since does not turn it back.
    expect(await readPinnedMinutes(open.db, 90_000)).toBe(parseLocal("2026-01-05T17:00")! + 0.5);
    expect(await readPinnedMinutes(open.db, 0)).toBe(parseLocal("2026-01-05T17:00"));
  });

  it("sets one price and leaves the rest alone", async () => {
    const before = await readBook(open.db);
    expect(await writePrice(open.db, "silicone-neutral-tube", 812)).toBe(true);
    expect(await writePrice(open.db, "no-such-pack", 1)).toBe(false);
    const after = await readBook(open.db);
    const priced = JSON.stringify(after).replace('"priceMinor":812', '"priceMinor":null');
    expect(JSON.parse(priced)).toEqual(before);
    expect(await writePrice(open.db, "silicone-neutral-tube", null)).toBe(true);
    expect(await readBook(open.db)).toEqual(before);
  });

  it("adds to a book kept before what later versions hold, and leaves the rest as it was", async () => {
    const whole = await readBook(open.db);
    const old = { materials: whole.materials.filter((m) => m.class !== "foam" && m.class !== "fill").slice(0, 12) };
    old.materials[0]!.name = "My own name for it";
    await writeBook(open.db, old);
    const read = await readBook(open.db);
    expect(read.materials.slice(0, 12)).toEqual(old.materials);
    expect(read.materials.map((m) => m.id).sort()).toEqual(whole.materials.map((m) => m.id).sort());
    await writeBook(open.db, whole);
  });
});

describe("one process owns the directory", () => {
  const other = join(home, "other");

  it("tells a second process plainly, and it exits", () => {
    const run = spawnSync(process.execPath, ["--import", "tsx", "scripts/prepare.ts"], {
      encoding: "utf8",
      env: { ...process.env, HORNWORT_DATA: directory },
    });
    expect(run.status).toBe(1);
    expect(run.stderr).toMatch(new RegExp(`Another Hornwort \\(process ${process.pid}\\) has .*data open`));
    expect(run.stderr).not.toMatch(/at .*\.ts:/);
  });

  it("takes over a dead process's lock, refuses a living one's, gives its own up", async () => {
    writeFileSync(`${other}.lock`, JSON.stringify({ pid: 2 ** 22 + 1, startedAt: "1" }));
    const unlock = lockDirectory(other);
    expect(JSON.parse(readFileSync(`${other}.lock`, "utf8"))).toMatchObject({ pid: process.pid });
    unlock();
    expect(existsSync(`${other}.lock`)).toBe(false);

    const living = spawn("sleep", ["30"]);
    const started = readFileSync(`/proc/${living.pid}/stat`, "utf8").split(") ")[1]!.split(" ")[19]!;
    writeFileSync(`${other}.lock`, JSON.stringify({ pid: living.pid, startedAt: started }));
    expect(() => lockDirectory(other)).toThrow(DirectoryTaken);
    // The same number, but another process: the lock is stale.
    writeFileSync(`${other}.lock`, JSON.stringify({ pid: living.pid, startedAt: "1" }));
    lockDirectory(other)();
    living.kill();
  });
});

describe("the log", () => {
  const laid = (id: string, rack: string | null) => ({
    kind: "sheet-laid" as const,
    sheet: {
      ...{ id, material: "pvc-foam-10", kerf: 3.2, made: 0 },
      stock: { id: rack ?? "L", w: 1000, h: 600, trim: 0, price: rack ? 0 : 62, rack: rack !== null },
      parts: [{ partId: "shell/left", x: 0, y: 0, w: 400, h: 600, rotated: false }],
      cuts: [{ axis: "x" as const, at: 400, from: 0, to: 600 }],
    },
  });
  const at = "2026-03-02T09:00";
  const add = async (id: string, entry: string, event: LogEntry["event"]) =>
    (await addToLog(open.db, id, [{ id: entry, at, event }]))!;

  it("is only added to, in order, and an entry sent twice is kept once", async () => {
    const id = await createBuild(open.db, jobBuild(), "started");
    await add(id, "a", laid("pvc-foam-10/1", null));
    await add(id, "b", { kind: "cut-made", sheet: "pvc-foam-10/1", cut: 0 });
    await add(id, "a", laid("pvc-foam-10/1", null));
    expect((await readLog(open.db, id)).log.map((e) => e.id)).toEqual(["a", "b"]);
    expect(await addToLog(open.db, "no-such-build", [{ id: "c", at, event: laid("x", null) }])).toBeUndefined();
  });

  it("moves offcuts to the rack and off it, and refuses what cannot be", async () => {
    await writeStock(open.db, { offcuts: [], onHand: [] });
    const id = await createBuild(open.db, jobBuild(), "started");
    const racked = { kind: "piece-racked" as const, sheet: "pvc-foam-10/1", x: 403.2, y: 0, offcut: NEW_OFFCUT };
    await add(id, "a", laid("pvc-foam-10/1", null));
    expect(await add(id, "early", racked)).toMatchObject({ ok: false });
    expect((await readLog(open.db, id)).log.map((e) => e.id)).toEqual(["a"]);
    await add(id, "b", { kind: "cut-made", sheet: "pvc-foam-10/1", cut: 0 });
    expect(await add(id, "c", racked)).toMatchObject({ ok: true, value: [{ event: { offcut: "R1" } }] });
    expect((await readStock(open.db)).offcuts).toEqual([
      { id: "R1", material: "pvc-foam-10", widthMm: 596.8, heightMm: 600, from: "The job" },
    ]);
    // Another build lays it up: it is gone from the rack, and the first cannot have it back.
    const other = await createBuild(open.db, jobBuild(), "started");
    await add(other, "d", laid("pvc-foam-10/1", "R1"));
    expect((await readStock(open.db)).offcuts).toEqual([]);
    expect(await add(other, "e", laid("pvc-foam-10/2", "R1"))).toMatchObject({
      ok: false,
      message: expect.stringContaining("no longer on the rack"),
    });
    expect(await add(id, "f", { kind: "taken-back", entry: "c" })).toMatchObject({
      ok: false,
      message: expect.stringContaining("has left the rack"),
    });
    // What comes by hand meanwhile gets no name that may come back.
    const lid = { material: "pvc-foam-10", widthMm: 500, heightMm: 300, qty: 2, from: "a lid" };
    expect(await putOffcuts(open.db, [lid])).toEqual({ ok: true, value: 2 });
    await add(other, "g", { kind: "taken-back", entry: "d" });
    expect((await readStock(open.db)).offcuts.map((o) => o.id)).toEqual(["R2", "R3", "R1"]);
    await dropOffcut(open.db, "R2");
    await dropOffcut(open.db, "R2");
    expect((await readStock(open.db)).offcuts.map((o) => o.id)).toEqual(["R3", "R1"]);
    await writeStock(open.db, demoStock);
  });

  it("keeps entries that come together all, or none, with the rack as it was", async () => {
    await writeStock(open.db, { offcuts: [], onHand: [] });
    const id = await createBuild(open.db, jobBuild(), "started");
    const entry = (name: string, event: LogEntry["event"]): LogEntry => ({ id: name, at, event });
    const racked = { kind: "piece-racked" as const, sheet: "pvc-foam-10/1", x: 403.2, y: 0, offcut: NEW_OFFCUT };
    const good = [
      entry("a", laid("pvc-foam-10/1", null)),
      entry("b", { kind: "cut-made", sheet: "pvc-foam-10/1", cut: 0 }),
      entry("c", racked),
    ];
    // The last cannot be: the sheet it names was never laid.
    const bad = entry("d", { ...racked, sheet: "pvc-foam-10/9" });
    expect(await addToLog(open.db, id, [...good, bad])).toMatchObject({ ok: false });
    expect(await readLog(open.db, id)).toEqual({ log: [], unread: [] });
    expect((await readStock(open.db)).offcuts).toEqual([]);
    expect(await addToLog(open.db, id, good)).toMatchObject({ ok: true });
    expect((await readLog(open.db, id)).log.map((e) => e.id)).toEqual(["a", "b", "c"]);
    expect((await readStock(open.db)).offcuts).toHaveLength(1);
    await writeStock(open.db, demoStock);
  });

  it("teaches other builds by what was done, and no longer by what was taken back; regrets likewise", async () => {
    const [a, b] = [await createBuild(open.db, jobBuild(), "test"), await createBuild(open.db, jobBuild(), "test")];
    const done = {
      ...{ kind: "step-done" as const, step: "a", title: "A coat", work: "coat", plannedMinutes: 20, startMinutes: 20 },
      ...{ minutes: 30, waitMinutes: 0, roomC: null, used: [], batch: "", passed: null, by: "", note: "", before: [] },
    };
    const at = "2026-01-05T17:00";
    const before = (await readOthers(open.db, b)).past;
    await addToLog(open.db, a, [
      { id: "past-1", at, event: done },
      { id: "past-2", at, event: { kind: "regret", what: "A bulkhead", stage: "seal" } },
    ]);
    expect((await readOthers(open.db, b)).past).toEqual([
      ...before,
      { of: "work", id: "coat", planned: 20, actual: 30 },
    ]);
    expect((await readOthers(open.db, a)).past.length).toBe(before.length);
    expect((await readOthers(open.db, b)).regrets).toMatchObject([{ id: "past-2", what: "A bulkhead", stage: "seal" }]);
    expect((await readOthers(open.db, a)).regrets).toEqual([]);
    await addToLog(open.db, a, [
      { id: "past-3", at, event: { kind: "taken-back", entry: "past-1" } },
      { id: "past-4", at, event: { kind: "taken-back", entry: "past-2" } },
    ]);
    expect((await readOthers(open.db, b)).past).toEqual(before);
    expect((await readOthers(open.db, b)).regrets).toEqual([]);
  });

  it("takes what is used off the shelf with the entry, and gives it back; the same step twice is refused", async () => {
    const id = await createBuild(open.db, jobBuild(), "test");
    const shelf = { offcuts: [], onHand: [{ material: "silicone-neutral", amount: 100, note: "opened" }] };
    await writeStock(open.db, shelf);
    const done = {
      ...{
        kind: "step-done" as const,
        step: "bead",
        title: "Beads",
        work: "bead",
        plannedMinutes: 20,
        startMinutes: 20,
      },
      ...{ minutes: 30, waitMinutes: 0, roomC: null, batch: "", passed: null, by: "", note: "", before: [] },
      used: [{ material: "silicone-neutral", name: "Silicone", unit: "mL" as const, amount: 60, planned: 50 }],
    };
    const at = "2026-01-05T17:00";
    expect(await addToLog(open.db, id, [{ id: "used-1", at, event: done }])).toMatchObject({ ok: true });
    expect((await readStock(open.db)).onHand[0]!.amount).toBe(40);
    // Another device ticks it too; the same entry sent again is another matter.
    expect(await addToLog(open.db, id, [{ id: "used-2", at, event: done }])).toMatchObject({ ok: false });
    expect(await addToLog(open.db, id, [{ id: "used-1", at, event: done }])).toMatchObject({ ok: true });
    expect((await readStock(open.db)).onHand[0]!.amount).toBe(40);
    await addToLog(open.db, id, [{ id: "used-3", at, event: { kind: "taken-back", entry: "used-1" } }]);
    expect(await readStock(open.db)).toEqual(shelf);
  });

  it("keeps photographs as files, whole, once, and under no other name than they may have", async () => {
    const home = mkdtempSync(join(tmpdir(), "hornwort-photos-"));
    await writePhoto("the-build", "0123abcd", new Uint8Array([1, 2]), home);
    await writePhoto("the-build", "0123abcd", new Uint8Array([9]), home);
    expect([...(await readPhoto("the-build", "0123abcd", home))!]).toEqual([1, 2]);
    expect(await listPhotos("the-build", home)).toEqual(["0123abcd"]);
    for (const name of ["../../etc/passwd", "0123abcd.jpg", "", "0123ABCD"])
      expect(await readPhoto("the-build", name, home)).toBeUndefined();
    expect(await readPhoto("../the-build", "0123abcd", home)).toBeUndefined();
    await expect(writePhoto("the-build", "../x", new Uint8Array([1]), home)).rejects.toThrow(/name/);
    rmSync(home, { recursive: true, force: true });
  });

  it("names the entries it cannot read, and keeps them", async () => {
    const id = await createBuild(open.db, jobBuild(), "started");
    await add(id, "a", laid("pvc-foam-10/1", null));
    await open.db.insert(events).values([
      { buildId: id, id: "later", at, event: { kind: "shell-sung-to", song: 3 } },
      { buildId: id, id: "never", at: "2026-13-45T99:99", event: laid("pvc-foam-10/2", null) },
    ]);
    const read = await readLog(open.db, id);
    expect(read.log.map((e) => e.id)).toEqual(["a"]);
    expect(read.unread).toEqual(["later", "never"]);
  });

  it("says what is wrong with a save it cannot read, instead of handing it on", async () => {
    const id = await createBuild(open.db, jobBuild(), "started");
    await open.db
      .update(revisions)
      .set({ design: { version: 99 } })
      .where(eq(revisions.buildId, id));
    expect(await readNewest(open.db, id)).toMatchObject({ ok: false, message: expect.stringContaining("version 99") });
    expect(await readRevision(open.db, id, 1)).toMatchObject({ ok: false });
  });

  it("keeps the newest days of a build's air by what they answer, and lets go of what cannot be read", async () => {
    const id = await createBuild(open.db, jobBuild(), "new");
    const flat = (value: number) => Array.from({ length: 24 }, () => value);
    const end = { tempC: flat(22), rh: flat(60) };
    const day = (n: number): DayAnswer => ({
      key: n.toString(16).padStart(16, "0"),
      usual: { ...end, airChangesPerHour: flat(1), evaporationMlPerH: flat(0), condensationMlPerH: flat(0) },
      ends: { cold: end, warm: end, dry: end, damp: end },
      fog: [],
      month: { tempC: [], rh: [], rhLow: [], rhHigh: [], storeMl: [], drainMl: [] },
      litresPerDay: { misted: 0, toAir: 0, toDrain: 0 },
      ...{ storeEmptyDay: null, drainFullDay: null, stuckC: n, cut: { tempC: [], tooColdHours: null } },
    });
    for (let n = 0; n < DAYS_KEPT + 3; n++) await writeDay(open.db, id, day(n));
    const kept = await readDays(open.db, id);
    expect(kept).toHaveLength(DAYS_KEPT);
    expect(kept[0]).toEqual(day(DAYS_KEPT + 2));
    await open.db
      .update(days)
      .set({ answer: { key: "none" } })
      .where(eq(days.key, day(5).key));
    expect(await readDays(open.db, id)).toHaveLength(DAYS_KEPT - 1);
  });

  it("keeps a better nesting by what it answers, and the last one of the same", async () => {
    const id = await createBuild(open.db, jobBuild(), "started");
    const nesting = (cost: number) => ({
      instance: '{"parts":[]}',
      solution: { sheets: [], unplaced: [], bound: { cost, sheets: 0, proof: "none" as const } },
    });
    await writeNesting(open.db, id, nesting(2));
    await writeNesting(open.db, id, nesting(1));
    expect(await readNestings(open.db, id)).toEqual([nesting(1)]);
  });
});
