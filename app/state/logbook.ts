import { createStore } from "zustand/vanilla";
import { formatLocal, type LocalMinutes } from "#core/design/localTime";
import type { LogEntry } from "#core/log/schema";
import { subjectOf } from "#core/log/subject";
import type { Stock } from "#core/stock/schema";
import { newId } from "./newId";
import type { Outbox, Parcel } from "./outbox";
import type { BuildStore } from "./store";

const RETRY_MS = 3000;
const SILENT = "The server does not answer. What you ticked is kept on this device and sent as soon as it does.";

/** How the newest entries stand with the server. */
interface LogbookState {
  /** What went wrong with the last entry, or what to know of it, in words. */
  message: string | null;
  /** Parcels shown here and not yet kept there. */
  waiting: number;
}

/** What the server answers: what it kept, or why not. */
interface Answer {
  message: string | null;
  said?: string | null;
  kept?: LogEntry[];
  stock?: Stock;
  clock?: LocalMinutes;
}

/** Subjects of entries that were refused: what is built on them cannot stand. */
const subjectsOf = (parcel: Parcel): (string | undefined)[] =>
  parcel.kind === "entries" ? parcel.entries.map(({ event }) => subjectOf(event)) : [];

/**
 * Adds to the build's log: at once on the page, then on the server in the order they were made. An entry the server refuses
 * is taken off the page again, with its reason; while the server is silent it stays on this device and is sent again, under
 * the same id, also after the page was closed.
 * @param reach how the server is reached
 */
export function createLogbook(
  buildId: string,
  api: BuildStore,
  reach: (path: string, init: RequestInit) => Promise<Response> = (path, init) => fetch(path, init),
) {
  const state = createStore<LogbookState>()(() => ({ message: null, waiting: 0 }));
  const queue: Parcel[] = [];
  let busy = false;
  let outbox: Outbox | undefined;
  const bench = () => api.shown.getState().bench;

  const put = (kept: LogEntry[], stock: Stock, clock: LocalMinutes | undefined) => {
    const byId = new Map(kept.map((entry) => [entry.id, entry]));
    const { log, now, ...rest } = bench();
    if (clock !== undefined) api.clock.set(clock);
    api.setBench({
      ...{ ...rest, stock, log: log.map((entry) => byId.get(entry.id) ?? entry) },
      now: clock === undefined ? now : formatLocal(Math.floor(clock)),
    });
  };
  const takeOff = (parcels: readonly Parcel[]) => {
    const gone = new Set(parcels.flatMap((p) => (p.kind === "entries" ? p.entries.map(({ id }) => id) : [])));
    const { log, ...rest } = bench();
    api.setBench({ ...rest, log: log.filter(({ id }) => !gone.has(id)) });
  };

  const post = (parcels: readonly Parcel[]) =>
    reach(`/builds/${buildId}/log`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(
        parcels.flatMap((p) =>
          p.kind === "entries"
            ? p.entries.map(({ id, event }) => ({ id, event, agoMs: Math.round(Date.now() - p.madeAtMs) }))
            : [],
        ),
      ),
      keepalive: true,
    });
  const postPhoto = ({ photo, jpeg }: Extract<Parcel, { kind: "photo" }>) =>
    reach(`/builds/${buildId}/photos/${photo}`, {
      method: "POST",
      headers: { "Content-Type": "image/jpeg" },
      body: jpeg,
    });

  const done = (parcel: Parcel) => {
    queue.splice(queue.indexOf(parcel), 1);
    void outbox?.drop(parcel.id).catch(() => {});
  };
  /** Takes off what the server refuses, and what was built on it; the rest is sent. */
  const refused = (parcel: Parcel, message: string | null) => {
    const subjects = new Set(subjectsOf(parcel).filter((s) => s !== undefined));
    const built = queue.filter((p) => p === parcel || subjectsOf(p).some((s) => s !== undefined && subjects.has(s)));
    takeOff(built);
    for (const p of built) done(p);
    state.setState({ message });
  };

  const send = async () => {
    if (busy) return;
    busy = true;
    for (let parcel = queue[0]; parcel; parcel = queue[0]) {
      try {
        const response = await (parcel.kind === "photo" ? postPhoto(parcel) : post([parcel]));
        if (response.status >= 500) throw new Error(`status ${response.status}`);
        const answer = (await response.json()) as Answer;
        if (!response.ok || (parcel.kind === "entries" && !answer.kept)) refused(parcel, answer.message);
        else {
          done(parcel);
          if (state.getState().message === SILENT) state.setState({ message: null });
          if (answer.said) state.setState({ message: answer.said });
          if (answer.kept && answer.stock) put(answer.kept, answer.stock, answer.clock);
        }
        state.setState({ waiting: queue.length });
      } catch {
        state.setState({ message: SILENT });
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
    busy = false;
  };

  const take = (parcels: Parcel[], message: string | null) => {
    queue.push(...parcels);
    state.setState({ message, waiting: queue.length });
    void send();
  };
  const parcelOf = () => ({ id: newId(), build: buildId, madeAtMs: Date.now() });

  return {
    state,
    dismiss: () => state.setState({ message: null }),
    /** Adds entries that belong together. */
    add: (...events: LogEntry["event"][]) => {
      const { log, ...rest } = bench();
      const now = formatLocal(Math.floor(api.clock.now()));
      const entries = events.map((event) => ({ id: newId(), at: now, event }));
      api.setBench({ ...rest, log: [...log, ...entries] });
      const parcel: Parcel = { ...parcelOf(), kind: "entries", entries };
      void outbox?.put(parcel).catch(() => {});
      take([parcel], null);
    },
    /** Adds a photograph and the entry that tells of it: the picture goes first. */
    addPhoto: (photo: string, jpeg: Blob, event: LogEntry["event"]) => {
      const { log, ...rest } = bench();
      const entry = { id: newId(), at: formatLocal(Math.floor(api.clock.now())), event };
      api.setBench({ ...rest, log: [...log, entry] });
      const picture: Parcel = { ...parcelOf(), kind: "photo", photo, jpeg };
      const told: Parcel = { ...parcelOf(), kind: "entries", entries: [entry] };
      void outbox
        ?.put(picture)
        .then(() => outbox!.put(told))
        .catch(() => {});
      take([picture, told], null);
    },
    /** From now on keeps what is not sent in an outbox, and sends what was left in it when a page was closed. */
    keepIn: async (box: Outbox) => {
      const left = await box.all(buildId);
      outbox = box;
      for (const parcel of queue) if (!left.some(({ id }) => id === parcel.id)) await box.put(parcel);
      const late = left.filter(({ id }) => !queue.some((p) => p.id === id));
      if (late.length === 0) return;
      const { log, ...rest } = bench();
      const shown = new Set(log.map(({ id }) => id));
      const entries = late.flatMap((p) => (p.kind === "entries" ? p.entries.filter(({ id }) => !shown.has(id)) : []));
      if (entries.length > 0) api.setBench({ ...rest, log: [...log, ...entries] });
      take(late, null);
    },
    /**
     * Sends all that is not known to be kept, when the page goes: nobody will be there to send it later. What is on its
     * way already is kept once.
     */
    flush: () => {
      const entries = queue.filter((p) => p.kind === "entries");
      if (entries.length > 0 && !queue.some((p) => p.kind === "photo")) void post(entries).catch(() => {});
    },
  };
}
export type Logbook = ReturnType<typeof createLogbook>;
