import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LogEntry } from "../../core/log/schema";
import { jobBuild, jobInput } from "../../tests/job";
import { createLogbook } from "./logbook";
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
});
