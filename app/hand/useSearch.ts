import { proxy, wrap } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { NestInstance, NestSolution } from "#core/cuts/nest/format";
import type { NestDoor, SearchReport } from "../../workers/nest.worker";

/** How long a search goes on unless it is stopped, ms. */
export const SEARCH_MS = 30_000;

/**
 * A search for a better nesting, in a worker. It is for one instance: whoever asks for another mounts another.
 * @param keep given the best answer when the search has ended or was stopped
 */
export function useSearch(instance: NestInstance, keep: (solution: NestSolution) => void) {
  const [report, setReport] = useState<SearchReport | null>(null);
  const [failed, setFailed] = useState(false);
  const worker = useRef<Worker>(null);
  const best = useRef<NestSolution>(undefined);
  const end = () => {
    worker.current?.terminate();
    worker.current = null;
    setReport(null);
  };
  // The page may close in the middle of it.
  useEffect(() => () => worker.current?.terminate(), []);

  const start = async () => {
    best.current = undefined;
    setFailed(false);
    const mine = new Worker(new URL("../../workers/nest.worker.ts", import.meta.url), { type: "module" });
    worker.current = mine;
    mine.onerror = () => {
      setFailed(true);
      end();
    };
    const hear = (now: SearchReport) => {
      if (worker.current !== mine) return;
      if (now.better) best.current = now.better;
      setReport(now);
    };
    await wrap<NestDoor>(mine).search(instance, SEARCH_MS, proxy(hear));
    if (worker.current === mine) stop();
  };
  const stop = () => {
    end();
    if (best.current) keep(best.current);
  };
  return { report, failed, start, stop };
}
