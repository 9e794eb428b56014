import { wrap } from "comlink";
import { DAY } from "#core/day/facts";
import type { DayDoor } from "../../workers/day.worker";
import type { BuildStore } from "./store";

/** A design rests so long before its day is worked out, ms: one edit often follows another. */
const REST_MS = 250;

/** What works a day out in another thread: a worker, made anew where one was stopped. */
const newWorker = () => new Worker(new URL("../../workers/day.worker.ts", import.meta.url), { type: "module" });

/**
 * Keeps the day of the design in force worked out: in a worker, given up where the design asks for another before it is
 * done, put into the plan and kept on the server.
 * @returns stops it
 */
export function keepDays(buildId: string, api: Pick<BuildStore, "settled" | "keepDay">): () => void {
  let worker: Worker | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let working: string | null = null;
  const giveUp = () => {
    clearTimeout(timer);
    worker?.terminate();
    worker = null;
    working = null;
  };
  const work = () => {
    const day = api.settled.getState().plan.facts.one(DAY);
    if (!day || day.answer) return giveUp();
    if (working === day.key) return;
    giveUp();
    working = day.key;
    timer = setTimeout(() => {
      worker = newWorker();
      const mine = worker;
      void wrap<DayDoor>(mine)
        .whole(day.ask)
        .then((answer) => {
          if (worker !== mine) return;
          giveUp();
          api.keepDay(answer);
          // Not kept it is worked out again where it is next opened.
          void fetch(`/builds/${buildId}/day`, {
            method: "POST",
            headers: { "Content-Type": "application/json" },
            body: JSON.stringify(answer),
          }).catch(() => {});
        });
    }, REST_MS);
  };
  const stop = api.settled.subscribe(work);
  work();
  return () => {
    stop();
    giveUp();
  };
}
