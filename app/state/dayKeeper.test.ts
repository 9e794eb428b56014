import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { DayAnswer } from "#core/day/answer";
import { DAY } from "#core/day/facts";
import { type Plan, plan } from "#core/plan";
import { bareTank } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import { keepDays } from "./dayKeeper";
import type { Shown } from "./store";

/** A page whose plan changes by hand, and threads that answer when they are told to. */
function page() {
  let now: Plan = plan(jobInput(bareTank()));
  const hears: (() => void)[] = [];
  const kept: string[] = [];
  const threads: { ended: boolean; answer: () => void; fail: () => void }[] = [];
  const api = {
    settled: {
      getState: () => ({ plan: now }) as Shown,
      subscribe: (hear: () => void) => {
        hears.push(hear);
        return () => hears.splice(hears.indexOf(hear), 1);
      },
    },
    keepDay: (answer: DayAnswer) => kept.push(answer.key),
  };
  const start = () => {
    const thread = { ended: false, answer: () => {}, fail: () => {} };
    threads.push(thread);
    const whole = () =>
      new Promise<DayAnswer>((done, failed) => {
        thread.answer = () => done({ key: now.facts.one(DAY)!.key } as DayAnswer);
        thread.fail = () => failed(new Error("stopped"));
      });
    return {
      door: { whole },
      end: () => {
        thread.ended = true;
      },
    };
  };
  const stop = keepDays("tank", api as never, start);
  const changeTo = (next: Plan) => {
    now = next;
    for (const hear of hears) hear();
  };
  return { threads, kept, stop, changeTo };
}
const drier = () => {
  const build = bareTank();
  build.brief.room.rh = { low: 20, high: 30 };
  return plan(jobInput(build));
};

describe("the day of the design in force", () => {
  const sent = vi.fn(() => Promise.resolve(new Response()));
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("fetch", sent);
    sent.mockClear();
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("is worked out once the design rests, put into the plan and sent to be kept", async () => {
    const { threads, kept } = page();
    expect(threads).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(300);
    threads[0]!.answer();
    await vi.advanceTimersByTimeAsync(0);
    expect(kept).toHaveLength(1);
    expect(sent).toHaveBeenCalledWith("/builds/tank/day", expect.objectContaining({ method: "POST" }));
    expect(threads[0]!.ended).toBe(true);
  });
  it("is given up where the design asks for another before it is done", async () => {
    const { threads, kept, changeTo } = page();
    await vi.advanceTimersByTimeAsync(300);
    changeTo(drier());
    expect(threads[0]!.ended).toBe(true);
    threads[0]!.answer();
    await vi.advanceTimersByTimeAsync(300);
    expect(kept).toHaveLength(0);
    threads[1]!.answer();
    await vi.advanceTimersByTimeAsync(0);
    expect(kept).toHaveLength(1);
  });
  it("that fails is tried again with the next change, and ends with the page", async () => {
    const { threads, stop, changeTo } = page();
    await vi.advanceTimersByTimeAsync(300);
    threads[0]!.fail();
    await vi.advanceTimersByTimeAsync(0);
    expect(threads[0]!.ended).toBe(true);
    changeTo(drier());
    await vi.advanceTimersByTimeAsync(300);
    expect(threads).toHaveLength(2);
    stop();
    expect(threads[1]!.ended).toBe(true);
  });
});
