import { createStore } from "zustand/vanilla";
import type { LogEntry } from "#core/log/schema";
import type { Stock } from "#core/stock/schema";
import type { BuildStore } from "./store";

const RETRY_MS = 3000;

/** How the newest entries stand with the server. */
interface LogbookState {
  /** What went wrong with the last entry, in words. */
  message: string | null;
  /** Entries shown here and not yet kept there. */
  waiting: number;
}

/**
 * Adds to the build's log: at once on the page, then on the server in the order they were made. An entry the server
 * refuses is taken off the page again, with its reason; while the server is silent it is sent again, under the same id.
 */
export function createLogbook(buildId: string, api: BuildStore) {
  const state = createStore<LogbookState>()(() => ({ message: null, waiting: 0 }));
  const queue: LogEntry[][] = [];
  let busy = false;
  const bench = () => api.shown.getState().bench;

  const put = (kept: LogEntry[], stock: Stock) => {
    const byId = new Map(kept.map((entry) => [entry.id, entry]));
    const { log, ...rest } = bench();
    api.setBench({ ...rest, stock, log: log.map((entry) => byId.get(entry.id) ?? entry) });
  };
  const takeOff = (entries: LogEntry[]) => {
    const gone = new Set(entries.map(({ id }) => id));
    const { log, ...rest } = bench();
    api.setBench({ ...rest, log: log.filter(({ id }) => !gone.has(id)) });
  };

  const post = (entries: LogEntry[]) =>
    fetch(`/builds/${buildId}/log`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(entries.map(({ id, event }) => ({ id, event }))),
      keepalive: true,
    });

  const send = async () => {
    if (busy) return;
    busy = true;
    for (let entries = queue[0]; entries; entries = queue[0]) {
      try {
        const response = await post(entries);
        const answer = (await response.json()) as { message: string | null; kept?: LogEntry[]; stock?: Stock };
        queue.shift();
        if (answer.kept && answer.stock) put(answer.kept, answer.stock);
        else {
          // What was built on the refused entry cannot stand without it.
          for (const refused of [entries, ...queue.splice(0)]) takeOff(refused);
          state.setState({ message: answer.message });
        }
        state.setState({ waiting: queue.length });
      } catch {
        state.setState({ message: "The server does not answer. What you ticked is sent again as soon as it does." });
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
    busy = false;
  };

  return {
    state,
    dismiss: () => state.setState({ message: null }),
    /** Adds entries that belong together. */
    add: (...events: LogEntry["event"][]) => {
      const { now, log, ...rest } = bench();
      const entries = events.map((event) => ({ id: crypto.randomUUID(), at: now, event }));
      api.setBench({ ...rest, now, log: [...log, ...entries] });
      queue.push(entries);
      state.setState({ message: null, waiting: queue.length });
      void send();
    },
    /**
     * Sends all that is not known to be kept, when the page goes: nobody will be there to send it later. What is on its
     * way already is kept once.
     */
    flush: () => {
      if (queue.length > 0) void post(queue.flat()).catch(() => {});
    },
  };
}
export type Logbook = ReturnType<typeof createLogbook>;
