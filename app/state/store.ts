import type { Operation } from "fast-json-patch";
import { produce } from "immer";
import { temporal } from "zundo";
import { createStore } from "zustand/vanilla";
import { checkDesign, type Problem } from "#core/design/limits";
import type { Build } from "#core/design/schema";
import type { Book } from "#core/materials/schema";
import { applyFix } from "#core/snags/fix";

/** How the newest edit stands with the server. */
export type SaveState =
  | { kind: "saved"; revision: number }
  | { kind: "saving" }
  | { kind: "waiting" }
  | { kind: "failed"; message: string }
  | { kind: "conflict"; newest: number; theirs: Build };

export interface BuildState {
  /** The last committed design: what is saved and undone. */
  design: Build;
  /** A design being dragged or typed; planned and shown, not yet committed. */
  preview: Build | null;
  save: SaveState;
}

/** The store of one open build. One per route instance, never at module level. */
export function createBuildStore(design: Build, revision: number, bookOf: () => Book) {
  const store = createStore<BuildState>()(
    temporal((): BuildState => ({ design, preview: null, save: { kind: "saved", revision } }), {
      partialize: ({ design }) => ({ design }),
      equality: (a, b) => a.design === b.design,
      limit: 200,
    }),
  );
  const current = () => store.getState().preview ?? store.getState().design;

  /** Puts a candidate in force if it can be planned; answers what keeps it from it. */
  const offer = (candidate: Build, commit: boolean): Problem[] => {
    const problems = checkDesign(candidate, bookOf());
    if (problems.length > 0) return problems;
    store.setState(commit ? { design: candidate, preview: null } : { preview: candidate });
    return [];
  };
  return {
    store,
    /** Changes the design for good: one undo step, one revision. The last good design stays when it cannot be planned. */
    commit: (recipe: (draft: Build) => void): Problem[] => offer(produce(current(), recipe), true),
    /** Shows a change that is still under way. */
    show: (recipe: (draft: Build) => void): Problem[] => offer(produce(current(), recipe), false),
    /** Makes what is shown the design. */
    settle: (): void => {
      const { preview } = store.getState();
      if (preview) store.setState({ design: preview, preview: null });
    },
    /** Drops what is shown. */
    drop: (): void => store.setState({ preview: null }),
    applyFix: (patch: Operation[]): Problem[] => offer(applyFix(current(), patch), true),
    replace: (whole: Build): Problem[] => offer(whole, true),
    undo: () => {
      store.setState({ preview: null });
      store.temporal.getState().undo();
    },
    redo: () => {
      store.setState({ preview: null });
      store.temporal.getState().redo();
    },
    setSave: (save: SaveState) => store.setState({ save }),
  };
}
export type BuildStore = ReturnType<typeof createBuildStore>;
