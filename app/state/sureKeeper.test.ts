import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { DayAnswer, Sure } from "#core/day/answer";
import { DAY, SURE_RUNS } from "#core/day/facts";
import type { SureRun } from "#core/day/sure";
import { type Plan, plan } from "#core/plan";
import { bareTank } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import { REST_MS, sureKeeper } from "./sureKeeper";

const input = jobInput(bareTank());
const bare = plan(input).facts.one(DAY)!;
const dayAnswer = (key: string): DayAnswer => {
  const flat = Array.from({ length: 24 }, () => 20);
  const end = { tempC: flat, rh: flat };
  return {
    ...{ key, fog: [], storeEmptyDay: null, drainFullDay: null, stuckC: 20, cut: { tempC: [], tooColdHours: null } },
    usual: { ...end, airChangesPerHour: flat, evaporationMlPerH: flat, condensationMlPerH: flat },
    ends: { cold: end, warm: end, dry: end, damp: end },
    month: { tempC: [], rh: [], rhLow: [], rhHigh: [], storeMl: [], drainMl: [] },
    litresPerDay: { misted: 0, toAir: 0, toDrain: 0 },
  };
};

/** A page whose plan changes by hand, and threads that answer when they are told to. */
function page(first: Plan = plan({ ...input, days: [dayAnswer(bare.key)] })) {
  let now = first;
  const hears: (() => void)[] = [];
  const kept: DayAnswer[] = [];
  const threads: { ended: boolean; asked: number[]; answer: () => void }[] = [];
  const api = {
    settled: {
      getState: () => ({ plan: now }),
      subscribe: (hear: () => void) => {
        hears.push(hear);
        return () => hears.splice(hears.indexOf(hear), 1);
      },
    },
    keepDay: (answer: DayAnswer) => kept.push(answer),
  };
  const start = () => {
    const thread = { ended: false, asked: [] as number[], answer: () => {} };
    threads.push(thread);
    return {
      door: {
        draws: (_: unknown, from: number, to: number) =>
          new Promise<SureRun[]>((done) => {
            thread.asked.push(from);
            thread.answer = () => done(Array.from({ length: to - from }, () => ({}) as SureRun));
          }),
        sure: async (_: unknown, runs: readonly SureRun[]) => ({ runs: runs.length, of: SURE_RUNS }) as Sure,
      },
      end: () => {
        thread.ended = true;
      },
    };
  };
  const keeper = sureKeeper("tank", api as never, start);
  keeper.look(true);
  const changeTo = (next: Plan) => {
    now = next;
    for (const hear of [...hears]) hear();
  };
  return { keeper, threads, kept, changeTo };
}
const settle = () => vi.advanceTimersByTimeAsync(0);
const rest = () => vi.advanceTimersByTimeAsync(REST_MS.looked + 100);

describe("how sure the day in force is", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("fetch", () => Promise.resolve(new Response()));
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("is drawn by two threads until all is run, and kept", async () => {
    const { keeper, threads, kept } = page();
    await rest();
    expect(threads).toHaveLength(2);
    for (let n = 0; n < SURE_RUNS / 8; n++) {
      for (const t of threads.slice(0, 2)) t.answer();
      await settle();
    }
    expect(kept.map((k) => k.sure)).toEqual([{ runs: SURE_RUNS, of: SURE_RUNS }]);
    expect(threads.every((t) => t.ended)).toBe(true);
    expect(keeper.state.getState()).toEqual({ running: false, runs: SURE_RUNS, stopped: false });
    // No draw twice, none left out.
    const asked = threads.flatMap((t) => t.asked).sort((a, b) => a - b);
    expect(asked).toEqual(Array.from({ length: SURE_RUNS / 4 }, (_, i) => 4 * i));
  });
  it("stopped by a press keeps what is known so far, and goes on from there", async () => {
    const { keeper, threads, kept } = page();
    await rest();
    // The second is in the middle of its draws: they are run again later.
    threads[0]!.answer();
    await settle();
    keeper.stop();
    await settle();
    expect(kept.map((k) => k.sure!.runs)).toEqual([4]);
    expect(keeper.state.getState()).toMatchObject({ running: false, stopped: true });
    keeper.goOn();
    await rest();
    const later = threads.slice(3);
    expect(later.flatMap((t) => t.asked)).toEqual([4, 8]);
    for (let n = 0; n < SURE_RUNS / 4; n++) {
      for (const t of later) t.answer();
      await settle();
    }
    expect(kept.at(-1)!.sure!.runs).toBe(SURE_RUNS);
  });
  it("waits for longer where nobody looks at it", async () => {
    const { keeper, threads } = page();
    keeper.look(false);
    keeper.goOn();
    await rest();
    expect(threads).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(REST_MS.else);
    expect(threads).toHaveLength(2);
  });
  it("is given up where the design asks for another, and ends with the page", async () => {
    const { keeper, threads, kept, changeTo } = page();
    await rest();
    const build = bareTank();
    build.brief.room.rh = { low: 20, high: 30 };
    const other = jobInput(build);
    changeTo(plan({ ...other, days: [dayAnswer(plan(other).facts.one(DAY)!.key)] }));
    expect(threads.every((t) => t.ended)).toBe(true);
    await rest();
    expect(threads).toHaveLength(4);
    keeper.end();
    expect(threads.every((t) => t.ended)).toBe(true);
    expect(kept).toEqual([]);
  });
  it("is not asked again where it is known, nor before the day is", async () => {
    const whole = { ...dayAnswer(bare.key), sure: { runs: SURE_RUNS, of: SURE_RUNS } as Sure };
    const flat = Array.from({ length: 24 }, () => 20);
    const band = { low: flat, high: flat };
    Object.assign(whole.sure!, { tempC: band, rh: band, fog: [], drainFull: 0, runsDry: 0, matters: [] });
    const known = page(plan({ ...input, days: [whole] }));
    const none = page(plan(input));
    await rest();
    expect([known.threads.length, none.threads.length]).toEqual([0, 0]);
  });
});
