import { createStore } from "zustand/vanilla";
import type { Sure } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { DAY, SURE_RUNS } from "#core/day/facts";
import type { SureRun } from "#core/day/sure";
import { newDayWorker } from "./dayWorker";
import { keepOnServer } from "./keepDay";
import type { BuildStore } from "./store";

/** A design rests so long before it is asked how sure it is, ms: less where that is looked at. */
export const REST_MS = { looked: 1200, else: 12_000 };
/** So many draws are run at a time, by so many threads. */
const AT_A_TIME = 4;
const THREADS = 2;

/** How far the draws are. */
export interface SureProgress {
  running: boolean;
  runs: number;
  /** Stopped by a press: it goes on by another. */
  stopped: boolean;
}

interface Thread {
  door: {
    draws: (ask: DayAsk, from: number, to: number) => Promise<SureRun[]>;
    sure: (ask: DayAsk, runs: readonly SureRun[]) => Promise<Sure>;
  };
  end: () => void;
}

/**
 * Works out how sure the day of the design in force is, once that day is known: in two threads, given up where the design
 * asks for another, stopped by a press with what is known so far kept.
 */
export function sureKeeper(
  buildId: string,
  api: Pick<BuildStore, "settled" | "keepDay">,
  start: () => Thread = newDayWorker,
) {
  const state = createStore<SureProgress>()(() => ({ running: false, runs: 0, stopped: false }));
  let threads: Thread[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let key: string | null = null;
  /** What was run of the design in force, by its first draw: it goes on where it was stopped. */
  let found = new Map<number, SureRun[]>();
  let held = false;
  let looked = false;
  const day = () => api.settled.getState().plan.facts.one(DAY);
  const endThreads = () => {
    clearTimeout(timer);
    for (const t of threads) t.end();
    threads = [];
  };
  /** Keeps what the runs tell; one thread more sums them up where the others were ended in the middle of a draw. */
  const finish = async (stopped: boolean) => {
    endThreads();
    state.setState({ running: false, stopped });
    const now = day();
    const runs = [...found.values()].flat();
    if (!now?.answer || now.key !== key || runs.length === 0) return;
    const { answer, ask } = now;
    const last = start();
    try {
      const whole = { ...answer, sure: await last.door.sure(ask, runs) };
      if (day()?.key !== answer.key) return;
      api.keepDay(whole);
      keepOnServer(buildId, whole);
    } catch {
      // Not summed up it is drawn again where the design next asks.
    } finally {
      last.end();
    }
  };
  const go = (ask: DayAsk) => {
    const left = Array.from({ length: SURE_RUNS / AT_A_TIME }, (_, n) => n * AT_A_TIME).filter((n) => !found.has(n));
    const work = async (thread: Thread) => {
      for (let from = left.shift(); from !== undefined; from = left.shift()) {
        const list = await thread.door.draws(ask, from, from + AT_A_TIME);
        if (!threads.includes(thread)) return;
        found.set(from, list);
        const runs = AT_A_TIME * found.size;
        state.setState({ runs });
        if (runs >= SURE_RUNS) await finish(false);
      }
    };
    threads = Array.from({ length: THREADS }, start);
    state.setState({ running: true, stopped: false, runs: AT_A_TIME * found.size });
    // A thread that fails leaves what is known.
    for (const t of threads)
      work(t).catch(() => {
        if (threads.includes(t)) void finish(true);
      });
  };
  const look = () => {
    const now = day();
    if (!now?.answer) return;
    if (key !== now.key) {
      endThreads();
      [key, found, held] = [now.key, new Map(), false];
      state.setState({ running: false, stopped: false, runs: now.answer.sure?.runs ?? 0 });
    }
    if (held || threads.length > 0 || (now.answer.sure?.runs ?? 0) >= SURE_RUNS) return;
    clearTimeout(timer);
    const { ask, key: mine } = now;
    timer = setTimeout(() => key === mine && threads.length === 0 && go(ask), looked ? REST_MS.looked : REST_MS.else);
  };
  const unsubscribe = api.settled.subscribe(look);
  look();
  return {
    state,
    /** Whether it is looked at: then it does not wait for long. */
    look(on: boolean) {
      looked = on;
      if (on) look();
    },
    stop() {
      held = true;
      void finish(true);
    },
    goOn() {
      held = false;
      state.setState({ stopped: false });
      look();
    },
    end() {
      unsubscribe();
      endThreads();
    },
  };
}
export type SureKeeper = ReturnType<typeof sureKeeper>;

const KEEPERS = new WeakMap<object, SureKeeper>();

/** The one of an open build: made where it is first asked for, there for as long as the build is open. */
export function sureKeeperOf(buildId: string, api: BuildStore): SureKeeper {
  const was = KEEPERS.get(api);
  if (was) return was;
  const keeper = sureKeeper(buildId, api);
  const made = {
    ...keeper,
    end: () => {
      KEEPERS.delete(api);
      keeper.end();
    },
  };
  KEEPERS.set(api, made);
  return made;
}
