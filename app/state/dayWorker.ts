import { type Remote, wrap } from "comlink";
import type { DayDoor } from "../../workers/day.worker";

/** A thread of its own that works days out, and its door. */
export function newDayWorker(): { door: Remote<DayDoor>; end: () => void } {
  const worker = new Worker(new URL("../../workers/day.worker.ts", import.meta.url), { type: "module" });
  return { door: wrap<DayDoor>(worker), end: () => worker.terminate() };
}
