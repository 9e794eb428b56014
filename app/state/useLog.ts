import { useFetcher } from "react-router";
import type { LogEntry } from "#core/log/log";
import { useBuildHandle } from "./context";

/** Adds to the build's log on the server; the page follows once it is kept there. */
export function useLog() {
  const { buildId } = useBuildHandle();
  const fetcher = useFetcher<{ message: string | null }>();
  return {
    /** Sends entries in their order, each under an id of its own, so that sending twice keeps one. */
    add: (...events: LogEntry["event"][]) =>
      fetcher.submit(
        events.map((event) => ({ id: crypto.randomUUID(), event })),
        { method: "POST", action: `/builds/${buildId}/log`, encType: "application/json" },
      ),
    busy: fetcher.state !== "idle",
    message: fetcher.data?.message ?? null,
  };
}
