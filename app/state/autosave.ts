import type { Build } from "#core/document/schema";
import type { BuildStore } from "./store";

/** Edits within this time of one another become one revision. */
const COALESCE_MS = 700;

/**
 * Saves every committed design, one request at a time, the newest last. What the page holds on closing is sent too.
 * @returns stops it
 */
export function autosave(buildId: string, { store, setSave, isWaiting }: BuildStore, startRevision: number) {
  let base: number | null = startRevision;
  let kept: Build = store.getState().design;
  let keptAs = startRevision;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  /** The design on its way, if one is. */
  let sending: Build | null = null;

  const post = (from: number | null, design: Build, keepalive: boolean) =>
    fetch(`/builds/${buildId}/save`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ base: from, design }),
      keepalive,
    });

  const send = async (keepalive = false) => {
    timer = undefined;
    const { design } = store.getState();
    if (sending || stopped || design === kept) return;
    sending = design;
    setSave({ kind: "saving" });
    try {
      const response = await post(base, design, keepalive);
      const answer = (await response.json()) as {
        saved: boolean;
        revision?: number;
        newest?: number;
        design?: Build;
        message?: string;
      };
      if (answer.saved && answer.revision !== undefined) {
        base = answer.revision;
        kept = design;
        keptAs = answer.revision;
        // An edit made meanwhile is not kept yet, whatever was.
        setSave(store.getState().design === kept ? { kind: "saved", revision: keptAs } : { kind: "waiting" });
      } else if (answer.newest !== undefined && answer.design) {
        setSave({ kind: "conflict", newest: answer.newest, theirs: answer.design });
        sending = null;
        return;
      } else setSave({ kind: "failed", message: answer.message ?? "The server could not keep this edit." });
    } catch {
      setSave({
        kind: "failed",
        message: "The server does not answer. Your edit is on this page; it is sent again as soon as it does.",
      });
      timer ??= setTimeout(() => send(), 3000);
    }
    sending = null;
    if (store.getState().design !== kept) timer ??= setTimeout(() => send(), COALESCE_MS);
  };

  const unsubscribe = store.subscribe((state, before) => {
    if (state.design === before.design || state.save.kind === "conflict") return;
    if (state.design === kept && !sending) {
      // Undone, or gone back to, before it was sent: what is there is what is kept.
      clearTimeout(timer);
      timer = undefined;
      if (state.save.kind === "waiting") setSave({ kind: "saved", revision: keptAs });
      return;
    }
    if (state.save.kind !== "saving") setSave({ kind: "waiting" });
    clearTimeout(timer);
    timer = setTimeout(() => send(), COALESCE_MS);
  });
  const flush = () => {
    const { design, save } = store.getState();
    if (design === sending) return;
    // A save under way is this page's own: what follows it goes over it, or it would be taken for someone else's.
    if (design !== kept && save.kind !== "conflict") void post(sending ? null : base, design, true);
  };
  /** The next page is asked for before this one is hidden: what it shall show must be on its way before that. */
  const leaving = (event: BeforeUnloadEvent) => {
    // What was typed before the planner was there cannot be sent yet: the browser asks whether to go.
    if (isWaiting()) event.preventDefault();
    if (store.getState().save.kind !== "waiting") return;
    clearTimeout(timer);
    void send(true);
  };
  addEventListener("beforeunload", leaving);
  addEventListener("pagehide", flush);

  return {
    /** After a conflict: saves this page's design over theirs, which stays in the history. */
    keepMine: (newest: number) => {
      base = newest;
      void send();
    },
    /** After a conflict: takes theirs; this page's design can be had back by undo. */
    takeTheirs: (newest: number, theirs: Build, replace: BuildStore["replace"]) => {
      base = newest;
      kept = theirs;
      keptAs = newest;
      setSave({ kind: "saved", revision: newest });
      // One that this page's book cannot plan is theirs all the same: this page's design stays, and is not sent over it.
      const problems = replace(theirs);
      if (problems[0]) setSave({ kind: "failed", message: `Theirs cannot be shown here: ${problems[0].message}` });
      kept = store.getState().design;
    },
    stop: () => {
      clearTimeout(timer);
      unsubscribe();
      removeEventListener("beforeunload", leaving);
      removeEventListener("pagehide", flush);
      flush();
      stopped = true;
    },
  };
}
