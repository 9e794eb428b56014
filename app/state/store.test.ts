import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { statedMm } from "../../core/design/measure";
import { readAt, writeAt } from "../../core/design/pointer";
import { jobBuild, jobInput } from "../../tests/job";
import { autosave } from "./autosave";
import * as planner from "./planner";
import { type Bench, createBuildStore, type Planner } from "./store";

const WIDTH = "/variants/0/shell/size/width";
const bench = (): Bench => {
  const { design: _design, ...rest } = jobInput();
  return rest;
};
const opened = (design = jobBuild(), from: Planner | (() => Promise<Planner>) = planner) => {
  const plan = planner.plan({ design, ...bench() });
  return { ...{ design, revision: 1, bench: bench(), planner: from }, plan, seen: planner.see(plan) };
};
const make = () => createBuildStore(opened());
const widen = (mm: number) => (draft: ReturnType<typeof jobBuild>) => writeAt(draft, WIDTH, statedMm(mm));
const width = (api: ReturnType<typeof make>) => (readAt(api.store.getState().design, WIDTH) as { value: number }).value;

describe("the build's store", () => {
  it("undoes and redoes commits, one at a time", () => {
    const api = make();
    api.commit(widen(1400));
    api.commit(widen(1300));
    api.undo();
    expect(width(api)).toBe(1400);
    api.undo();
    expect(width(api)).toBe(1500);
    api.redo();
    api.redo();
    expect(width(api)).toBe(1300);
  });

  it("takes a whole drag as one step back", () => {
    const api = make();
    for (const mm of [1490, 1450, 1410]) api.show(widen(mm));
    expect(width(api)).toBe(1500);
    api.settle();
    expect(width(api)).toBe(1410);
    api.undo();
    expect(width(api)).toBe(1500);
  });

  it("proves fixes once a design is let go of, not while it is dragged", () => {
    const api = make();
    const settled = () => createBuildStore(opened(api.store.getState().design)).shown.getState().plan.snags;
    api.show(widen(1410));
    expect(api.shown.getState().underWay).toBe(true);
    api.settle();
    expect(api.shown.getState().underWay).toBe(false);
    expect(api.shown.getState().plan.snags).toEqual(settled());
    api.show(widen(1300));
    api.drop();
    expect(api.shown.getState().plan.snags).toEqual(settled());
  });

  it("does what was asked before the planner was there once it is, and says what is refused then", async () => {
    let give: (fetched: Planner) => void = () => {};
    const fetched = new Promise<Planner>((resolve) => {
      give = resolve;
    });
    const api = createBuildStore(opened(jobBuild(), () => fetched));
    const before = api.shown.getState().plan;
    api.commit(widen(1400));
    api.show(widen(1300));
    api.drop();
    api.setBench({ ...bench(), now: "2027-01-01T09:00" });
    expect(width(api)).toBe(1500);
    expect(api.shown.getState().plan).toBe(before);
    expect(api.shown.getState().bench.now).toBe("2027-01-01T09:00");
    api.commit(widen(-5));
    give(planner);
    await fetched;
    await Promise.resolve();
    expect(width(api)).toBe(1400);
    const { plan, design } = api.shown.getState();
    expect(plan.parts.find((p) => p.id === "shell/top")!.lengthMm).toBe(1420);
    const again = planner.plan({ design, ...bench(), now: "2027-01-01T09:00" });
    expect(plan.tally).toEqual(again.tally);
    expect(plan.snags).toEqual(again.snags);
    expect(api.store.getState().refused).toMatch(/^This change was not made: .*more than zero/);
  });

  it("tells the field what keeps its change from being made, once that is known, and not the page too", async () => {
    const api = createBuildStore(opened(jobBuild(), () => Promise.resolve(planner)));
    const later = vi.fn();
    expect(api.attempt(widen(-5), later)).toEqual([]);
    await vi.waitFor(() => expect(later).toHaveBeenCalledOnce());
    expect(later.mock.calls[0]![0]).toMatchObject([{ message: expect.stringMatching(/more than zero/) }]);
    expect([width(api), api.store.getState().refused]).toEqual([1500, null]);
    // What is typed and not yet left is refused by nobody but its field.
    const typing = createBuildStore(opened(jobBuild(), () => Promise.resolve(planner)));
    typing.show(widen(-5));
    await vi.waitFor(() => expect(typing.show(widen(1400))).toEqual([]));
    expect(typing.store.getState().refused).toBeNull();
  });

  it("makes what was dragged and let go before the planner was there", async () => {
    const api = createBuildStore(opened(jobBuild(), () => Promise.resolve(planner)));
    for (const mm of [1490, 1450, 1410]) api.show(widen(mm));
    api.settle();
    expect(width(api)).toBe(1500);
    await vi.waitFor(() => expect(width(api)).toBe(1410));
    expect(api.store.getState().preview).toBeNull();
    expect(api.shown.getState().plan.parts.find((p) => p.id === "shell/top")!.lengthMm).toBe(1430);
  });

  it("says that the planner could not be fetched, keeps what was asked, tries again, and does it when it can be", async () => {
    vi.useFakeTimers();
    let tries = 0;
    const api = createBuildStore(
      opened(jobBuild(), () => (tries++ < 2 ? Promise.reject(new Error("no network")) : Promise.resolve(planner))),
    );
    const then = vi.fn();
    api.commit(widen(1400), then);
    await vi.advanceTimersByTimeAsync(0);
    expect(api.store.getState().refused).toContain("could not be fetched");
    // Until then the page does not call it saved.
    expect(api.store.getState().held).toBe(true);
    await vi.advanceTimersByTimeAsync(4000);
    expect([tries, width(api)]).toEqual([2, 1500]);
    expect(then).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(4000);
    expect([tries, width(api)]).toEqual([3, 1400]);
    expect(then).toHaveBeenCalledOnce();
    expect(api.store.getState()).toMatchObject({ refused: null, held: false });
    vi.useRealTimers();
  });

  it("goes on from a change only once it is made", () => {
    const api = make();
    const then = vi.fn();
    api.commit(widen(-5), then);
    expect(then).not.toHaveBeenCalled();
    api.commit(widen(1400), then);
    expect(then).toHaveBeenCalledOnce();
  });

  it("plans a dragged design later, the newest only, and a settled one at once", () => {
    const works: (() => void)[] = [];
    const api = createBuildStore(opened(), (work) => works.push(work));
    const top = () => api.shown.getState().plan.parts.find((p) => p.id === "shell/top")!.lengthMm;
    const before = top();
    for (const mm of [1490, 1450, 1410]) api.show(widen(mm));
    expect(works).toHaveLength(1);
    expect(top()).toBe(before);
    works.shift()!();
    expect(top()).toBe(before - 90);
    api.show(widen(1400));
    api.settle();
    expect(top()).toBe(before - 100);
    const settled = api.shown.getState();
    works.shift()!();
    expect(api.shown.getState()).toBe(settled);
  });

  it("keeps the last good design when a change cannot be planned", () => {
    const api = make();
    expect(api.attempt(widen(0))[0]!.message).toMatch(/more than zero/);
    expect(api.show(widen(40_000))[0]!.path).toBe(WIDTH);
    expect(width(api)).toBe(1500);
    expect(api.store.getState().preview).toBeNull();
  });

  it("plans what is shown at once, and again with other prices", () => {
    const api = make();
    const top = () => api.shown.getState().plan.parts.find((p) => p.id === "shell/top")!.lengthMm;
    const cost = () => api.shown.getState().plan.tally.costLikelyMinor;
    expect(top()).toBe(1520);
    api.show(widen(1400));
    expect(top()).toBe(1420);
    api.drop();
    expect(top()).toBe(1520);
    const before = cost();
    const dearer = bench();
    for (const m of dearer.book.materials) if (m.class === "sheet") for (const s of m.stock) s.priceMinor = 99_00;
    api.setBench(dearer);
    expect(cost()).toBeGreaterThan(before);
  });

  it("applies a fix as one step, and drops what is only shown", () => {
    const api = make();
    api.applyFix({ label: "Widen", patch: [{ op: "add", path: WIDTH, value: statedMm(1200) }] });
    expect(width(api)).toBe(1200);
    api.show(widen(1100));
    api.drop();
    api.settle();
    expect(width(api)).toBe(1200);
  });
});

describe("what is not done", () => {
  const refused = (api: ReturnType<typeof make>) => api.store.getState().refused;

  it("is said where no field says it, and gone with the next change that is", () => {
    const api = make();
    api.commit(widen(0));
    expect(refused(api)).toMatch(/^This change was not made: .*The build is as it was\.$/);
    expect(width(api)).toBe(1500);
    api.commit(widen(1400));
    expect(refused(api)).toBeNull();
  });

  it("is said of a fix that no longer fits the build, or leads to one that cannot be planned", () => {
    const api = make();
    const gone = { op: "replace" as const, path: "/variants/0/features/99/u", value: statedMm(1) };
    api.applyFix({ label: "Move the vent", patch: [gone] });
    expect(refused(api)).toBe("“Move the vent” was not done: the build has changed since. The build is as it was.");
    api.dismiss();
    expect(refused(api)).toBeNull();
    api.applyFix({ label: "Make it nothing", patch: [{ op: "replace", path: WIDTH, value: statedMm(0) }] });
    expect(refused(api)).toContain("“Make it nothing” was not done:");
    expect(width(api)).toBe(1500);
  });
});

describe("autosave", () => {
  const sent: { base: number | null; width: number }[] = [];
  let answer: (base: number | null) => { status: number; body: unknown };
  const page = new EventTarget();
  beforeEach(() => {
    vi.useFakeTimers();
    sent.length = 0;
    answer = (base) => ({ status: 200, body: { saved: true, revision: (base ?? 0) + 1 } });
    vi.stubGlobal("addEventListener", page.addEventListener.bind(page));
    vi.stubGlobal("removeEventListener", page.removeEventListener.bind(page));
    vi.stubGlobal("fetch", async (_: string, init: { body: string }) => {
      const { base, design } = JSON.parse(init.body);
      sent.push({ base, width: (readAt(design, WIDTH) as { value: number }).value });
      const { body } = answer(base);
      if (body === null) throw new Error("offline");
      return { json: async () => body };
    });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("sends edits within a moment of one another as one revision", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    api.commit(widen(1400));
    api.commit(widen(1300));
    expect(api.store.getState().save.kind).toBe("waiting");
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toEqual([{ base: 1, width: 1300 }]);
    expect(api.store.getState().save).toEqual({ kind: "saved", revision: 2 });
    saver.stop();
    expect(sent).toHaveLength(1);
  });

  it("tries again when the server does not answer, and loses nothing", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    answer = () => ({ status: 0, body: null });
    api.commit(widen(1400));
    await vi.advanceTimersByTimeAsync(1000);
    expect(api.store.getState().save.kind).toBe("failed");
    answer = (base) => ({ status: 200, body: { saved: true, revision: (base ?? 0) + 1 } });
    await vi.advanceTimersByTimeAsync(4000);
    expect(api.store.getState().save).toEqual({ kind: "saved", revision: 2 });
    saver.stop();
  });

  it("stops at someone else's save until the builder says which", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    const theirs = jobBuild();
    writeAt(theirs, WIDTH, statedMm(900));
    answer = (base) =>
      base === 1
        ? { status: 409, body: { saved: false, newest: 5, design: theirs } }
        : { status: 200, body: { saved: true, revision: 6 } };
    api.commit(widen(1400));
    await vi.advanceTimersByTimeAsync(1000);
    expect(api.store.getState().save).toMatchObject({ kind: "conflict", newest: 5 });
    api.commit(widen(1350));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(1);
    saver.keepMine(5);
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent[1]).toEqual({ base: 5, width: 1350 });
    expect(api.store.getState().save).toEqual({ kind: "saved", revision: 6 });
    saver.stop();
  });

  it("takes theirs, and leaves mine behind undo", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    const theirs = jobBuild();
    writeAt(theirs, WIDTH, statedMm(900));
    answer = () => ({ status: 409, body: { saved: false, newest: 5, design: theirs } });
    api.commit(widen(1400));
    await vi.advanceTimersByTimeAsync(1000);
    saver.takeTheirs(5, theirs, api.replace);
    expect(width(api)).toBe(900);
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(1);
    api.undo();
    expect(width(api)).toBe(1400);
    saver.stop();
  });

  it("says saved again when an edit is undone before it was sent", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    api.commit(widen(1400));
    api.undo();
    expect(api.store.getState().save).toEqual({ kind: "saved", revision: 1 });
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toEqual([]);
    saver.stop();
  });

  it("does not say saved while an edit made during a save still waits", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    api.commit(widen(1400));
    let arrived = () => {};
    vi.stubGlobal(
      "fetch",
      () =>
        new Promise((done) => {
          arrived = () => done({ json: async () => ({ saved: true, revision: 2 }) });
        }),
    );
    await vi.advanceTimersByTimeAsync(800);
    api.commit(widen(1300));
    arrived();
    await vi.advanceTimersByTimeAsync(0);
    expect(api.store.getState().save.kind).toBe("waiting");
    await vi.advanceTimersByTimeAsync(800);
    arrived();
    await vi.advanceTimersByTimeAsync(0);
    expect(api.store.getState().save.kind).toBe("saved");
    saver.stop();
  });

  it("sends at once, and once, when the next page is asked for", async () => {
    const api = make();
    const saver = autosave("x", api, 1);
    api.commit(widen(1234));
    page.dispatchEvent(new Event("beforeunload"));
    page.dispatchEvent(new Event("pagehide"));
    expect(sent).toEqual([{ base: 1, width: 1234 }]);
    // Whoever stays after all, a file having been asked for, goes on from there.
    await vi.advanceTimersByTimeAsync(1000);
    api.commit(widen(1300));
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent[1]).toEqual({ base: 2, width: 1300 });
    saver.stop();
  });

  it("has the browser ask before a page is closed whose change still waits for the planner", async () => {
    let arrive = () => {};
    const coming = new Promise<Planner>((done) => {
      arrive = () => done(planner);
    });
    const api = createBuildStore(opened(undefined, () => coming));
    const saver = autosave("x", api, 1);
    const closing = () => {
      const event = new Event("beforeunload", { cancelable: true });
      page.dispatchEvent(event);
      return event.defaultPrevented;
    };
    expect(closing()).toBe(false);
    api.commit(widen(1234));
    expect(closing()).toBe(true);
    arrive();
    await vi.advanceTimersByTimeAsync(0);
    expect(width(api)).toBe(1234);
    expect(closing()).toBe(false);
    saver.stop();
  });

  it("sends what the page still holds when it is closed", () => {
    const api = make();
    const saver = autosave("x", api, 1);
    api.commit(widen(1234));
    saver.stop();
    expect(sent).toEqual([{ base: 1, width: 1234 }]);
  });
});
