import { type Remote, wrap } from "comlink";
import type { GaugeDoor } from "../../../workers/gauge.worker";

/** A thread of its own that fits readings, and its door. */
export function newGaugeWorker(): { door: Remote<GaugeDoor>; failed: Promise<never>; end: () => void } {
  const worker = new Worker(new URL("../../../workers/gauge.worker.ts", import.meta.url), { type: "module" });
  const failed = new Promise<never>((_, no) => {
    worker.onerror = () => no(new Error("The thread failed."));
  });
  failed.catch(() => {});
  return { door: wrap<GaugeDoor>(worker), failed, end: () => worker.terminate() };
}
