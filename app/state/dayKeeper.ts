import type { DayAnswer } from "#core/day/answer";
import type { DayAsk } from "#core/day/ask";
import { DAY } from "#core/day/facts";
import { newDayWorker } from "./dayWorker";
import { keepOnServer } from "./keepDay";
import type { BuildStore } from "./store";

/** A design rests so long before its day is worked out, ms: one edit often follows another. */
const REST_MS = 250;

/**
 * Keeps the day of the design in force worked out: in a worker, given up where the design asks for another before it is
 * done, put into the plan and kept on the server.
 * @param start a thread of its own, and how it is ended
 * @returns stops it
 */
export function keepDays(
  buildId: string,
  api: Pick<BuildStore, "settled" | "keepDay">,
  start: () => Pick<ReturnType<typeof newDayWorker>, "end"> & {
    door: { whole: (ask: DayAsk) => Promise<DayAnswer> };
  } = newDayWorker,
): () => void {
  let worker: ReturnType<typeof start> | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let working: string | null = null;
  const giveUp = () => {
    clearTimeout(timer);
    worker?.end();
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
      const mine = start();
      worker = mine;
      mine.door.whole(day.ask).then(
        (answer) => {
          if (worker !== mine) return;
          giveUp();
          api.keepDay(answer);
          keepOnServer(buildId, answer);
        },
        // The simple balance stands, and says so; the next change is worked out anew.
        () => worker === mine && giveUp(),
      );
    }, REST_MS);
  };
  const stop = api.settled.subscribe(work);
  work();
  return () => {
    stop();
    giveUp();
  };
}
