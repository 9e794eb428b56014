import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LogEntry } from "../../core/log/schema";
import { jobBuild, jobInput } from "../../tests/job";
import { createClock } from "./clock";
import { createLogbook } from "./logbook";
import type { Outbox, Parcel } from "./outbox";
import * as planner from "./planner";
import { createBuildStore } from "./store";

const CUT: LogEntry["event"] = { kind: "cut-made", sheet: "pvc-foam-10/1", cut: 0 };
const RACKED: LogEntry["event"] = { kind: "piece-racked", sheet: "pvc-foam-10/1", x: 0, y: 0, offcut: "new" };

describe("the logbook", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const make = (answers: (() => Response | Promise<Response>)[]) => {
    const { design: _design, ...bench } = jobInput();
    const plan = planner.plan({ design: jobBuild(), ...bench });
    const api = createBuildStore({ design: jobBuild(), revision: 1, bench, planner, plan, seen: planner.see(plan) });
    const sent: { id: string; event: LogEntry["event"] }[][] = [];
    vi.stubGlobal("fetch", async (_: string, { body }: { body: string }) => {
      sent.push(JSON.parse(body) as (typeof sent)[number]);
      return answers[Math.min(sent.length, answers.length) - 1]!();
    });
    const log = () => api.shown.getState().bench.log;
    return { api, book: createLogbook("the-job", api), sent, log };
  };
  const kept =
    (log: () => LogEntry[], change: (entry: LogEntry) => LogEntry = (e) => e) =>
    () =>
      Response.json({ message: null, kept: log().map(change), stock: { offcuts: [], onHand: [] } });

  it("shows an entry at once, sends it, and takes what the server made of it", async () => {
    const answers: (() => Response)[] = [];
    const { api, book, sent, log } = make(answers);
    answers.push(
      kept(log, (e) => (e.event.kind === "piece-racked" ? { ...e, event: { ...e.event, offcut: "R4" } } : e)),
    );
    book.add(RACKED);
    expect(log()).toHaveLength(1);
    expect(book.state.getState().waiting).toBe(1);
    await vi.runAllTimersAsync();
    expect(sent).toHaveLength(1);
    expect(log()[0]!.event).toMatchObject({ offcut: "R4" });
    expect(api.shown.getState().bench.stock.offcuts).toEqual([]);
    expect(book.state.getState()).toEqual({ message: null, waiting: 0 });
  });

  it("sends all that is not known to be kept when the page goes, and nothing when nothing waits", async () => {
    const { book, sent } = make([() => new Promise<Response>(() => {})]);
    book.flush();
    expect(sent).toEqual([]);
    book.add(RACKED);
    book.add(CUT);
    book.add(CUT);
    book.flush();
    expect(sent[1]![0]!.id).toBe(sent[0]![0]!.id);
    expect(sent.map((batch) => batch.map((e) => e.event.kind))).toEqual([
      ["piece-racked"],
      ["piece-racked", "cut-made", "cut-made"],
    ]);
  });

  it("takes an entry that is refused off the page again, with all that was built on it", async () => {
    const { book, sent, log } = make([
      () => Response.json({ message: "R1 is no longer on the rack." }, { status: 422 }),
    ]);
    book.add(RACKED);
    book.add(CUT);
    expect(log()).toHaveLength(2);
    await vi.runAllTimersAsync();
    expect(sent).toHaveLength(1);
    expect(log()).toEqual([]);
    expect(book.state.getState().message).toBe("R1 is no longer on the rack.");
  });

  it("sends again, under the same id and in order, while the server is silent", async () => {
    const answers: (() => Response | Promise<Response>)[] = [() => Promise.reject(new Error("down"))];
    const { book, sent, log } = make(answers);
    answers.push(kept(log));
    book.add(CUT);
    book.add(RACKED);
    await vi.advanceTimersByTimeAsync(100);
    expect(book.state.getState().message).toMatch(/does not answer/);
    expect(log()).toHaveLength(2);
    await vi.runAllTimersAsync();
    expect(sent.map((entries) => entries[0]!.event.kind)).toEqual(["cut-made", "cut-made", "piece-racked"]);
    expect(sent[0]![0]!.id).toBe(sent[1]![0]!.id);
    expect(book.state.getState().waiting).toBe(0);
  });

  const boxOf = (kept: Parcel[] = []): { kept: Parcel[]; box: Outbox } => ({
    kept,
    box: {
      all: async (build) => kept.filter((p) => p.build === build),
      put: async (parcel) => void kept.push(parcel),
      drop: async (id) =>
        void kept.splice(
          kept.findIndex((p) => p.id === id),
          1,
        ),
    },
  });

  it("keeps in its outbox what is not sent, and sends it when the page is opened again, with how long ago it was", async () => {
    const { kept: left, box } = boxOf();
    const first = make([() => Promise.reject(new Error("down"))]);
    await first.book.keepIn(box);
    first.book.add(CUT);
    first.book.add(RACKED);
    await vi.advanceTimersByTimeAsync(100);
    expect(left.map((p) => p.kind)).toEqual(["entries", "entries"]);
    await vi.advanceTimersByTimeAsync(90_000);
    const answers: (() => Response)[] = [];
    const second = make(answers);
    answers.push(kept(second.log));
    await second.book.keepIn(box);
    // What waits is on the page at once, in the order it was made.
    expect(second.log().map((e) => e.event.kind)).toEqual(["cut-made", "piece-racked"]);
    await vi.advanceTimersByTimeAsync(100);
    expect(left).toEqual([]);
    const [sent] = second.sent as unknown as { agoMs: number }[][];
    expect(sent![0]!.agoMs).toBeGreaterThanOrEqual(90_000);
    expect(second.book.state.getState().waiting).toBe(0);
  });

  it("sends a photograph before the entry that tells of it, and both again where the first failed", async () => {
    const PHOTO: LogEntry["event"] = {
      ...{ kind: "photo", photo: "0123abcd", view: "face", words: "", widthPx: 1, heightPx: 1 },
      of: { kind: "step", id: "a" },
    };
    const paths: string[] = [];
    const { api, book } = make([]);
    vi.stubGlobal("fetch", async (path: string, { body }: { body: string | Blob }) => {
      paths.push(path);
      if (paths.length === 1) throw new Error("down");
      if (path.includes("/photos/")) return Response.json({ message: null });
      const entries = JSON.parse(body as string) as LogEntry[];
      const at = "2026-01-05T17:00";
      return Response.json({
        message: null,
        kept: entries.map(({ id, event }) => ({ id, event, at })),
        stock: api.shown.getState().bench.stock,
      });
    });
    book.addPhoto("0123abcd", new Blob(["x"]), PHOTO);
    await vi.runAllTimersAsync();
    expect(paths).toEqual([
      "/builds/the-job/photos/0123abcd",
      "/builds/the-job/photos/0123abcd",
      "/builds/the-job/log",
    ]);
    expect(book.state.getState()).toEqual({ message: null, waiting: 0 });
  });

  it("goes on with the others where one is refused, and says what the server says of a clock", async () => {
    const { book, log } = make([
      () => Response.json({ message: "Done already." }, { status: 422 }),
      () =>
        Response.json({ message: null, said: "Its clock was set back.", kept: [], stock: { offcuts: [], onHand: [] } }),
    ]);
    book.add({ kind: "step-begun", step: "a" });
    book.add({ kind: "step-begun", step: "b" });
    await vi.runAllTimersAsync();
    expect(log().map((e) => e.event)).toEqual([{ kind: "step-begun", step: "b" }]);
    expect(book.state.getState().message).toBe("Its clock was set back.");
  });

  it("runs the workshop's clock on by this device's own, and never back", () => {
    let ms = 0;
    const clock = createClock(1000, () => ms);
    ms = 90_000;
    expect(clock.now()).toBe(1001.5);
    ms = -5000;
    expect(clock.now()).toBe(1000);
    clock.set(2000);
    ms = 55_000;
    expect(clock.now()).toBe(2001);
  });
});
