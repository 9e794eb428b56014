import { createStore } from "zustand/vanilla";

/** How something that takes a while stands, and what is known of it so far. */
export interface JobState<T> {
  status: "idle" | "running" | "stopped" | "done" | "failed";
  known: T | null;
}

/** A thread, or several, that works: ended it says nothing more. */
interface Working {
  done: Promise<void>;
  end: () => void;
}

/**
 * Something that takes a while, in threads of its own: it tells what is known as it goes, and stopped it leaves that.
 */
export function createJob<T>() {
  const state = createStore<JobState<T>>()(() => ({ status: "idle", known: null }));
  let working: Working | null = null;
  /** Whose turn it is: what was stopped or run anew is no longer heard. */
  let turn: object | null = null;
  const end = (status: JobState<T>["status"]) => {
    working?.end();
    [working, turn] = [null, null];
    state.setState({ status });
  };
  return {
    state,
    /** @param start is handed what to tell; nothing it tells once it was stopped is heard */
    run(start: (tell: (known: T) => void) => Working): void {
      working?.end();
      state.setState({ status: "running", known: null });
      const own = {};
      turn = own;
      const isMine = () => turn === own;
      const mine = start((known) => {
        if (isMine()) state.setState({ known });
      });
      working = mine;
      mine.done.then(
        () => isMine() && end("done"),
        () => isMine() && end("failed"),
      );
    },
    /** Stops it; what is known stays. */
    stop: () => working && end("stopped"),
    /** Forgets what is known. */
    clear() {
      working?.end();
      [working, turn] = [null, null];
      state.setState({ status: "idle", known: null });
    },
  };
}
