import { produce } from "immer";
import { temporal } from "zundo";
import { createStore } from "zustand/vanilla";
import { type KeptNesting, rememberingNester } from "#core/cuts/nester";
import { checkDesign, type Problem } from "#core/document/check";
import type { Build } from "#core/document/schema";
import type { Fix } from "#core/ledgers/ledger";
import type { Log } from "#core/log/schema";
import type { Book } from "#core/materials/schema";
import { type Plan, plan } from "#core/plan";
import { tryFix } from "#core/snags/fix";
import type { Stock } from "#core/stock/schema";
import type { Workshop } from "#core/workshop/schema";

/** What a build is planned with, beside its design. */
export interface Bench {
  log: Log;
  nestings: KeptNesting[];
  book: Book;
  stock: Stock;
  workshop: Workshop;
  now: string;
  seed: number;
}

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
  /** Why the last change was not made, where no field says it. */
  refused: string | null;
}

/** What is shown: the design in force, what it is planned with, and its plan. */
export interface Shown {
  design: Build;
  bench: Bench;
  plan: Plan;
  /** Whether the design is still being dragged or typed, and its fixes not yet proved. */
  underWay: boolean;
}

/**
 * The stores of one open build. One per route instance, never at module level.
 * @param later when a design still under way is planned: at once, or after it has been painted as it is dragged
 */
export function createBuildStore(
  design: Build,
  revision: number,
  bench: Bench,
  later: (work: () => void) => void = (work) => work(),
) {
  const store = createStore<BuildState>()(
    temporal((): BuildState => ({ design, preview: null, save: { kind: "saved", revision }, refused: null }), {
      partialize: ({ design }) => ({ design }),
      equality: (a, b) => a.design === b.design,
      limit: 200,
    }),
  );
  const nester = rememberingNester();
  const current = () => store.getState().preview ?? store.getState().design;
  const show = (using: Bench): Shown => {
    const underWay = store.getState().preview !== null;
    const planned = plan({ design: current(), ...using }, nester, underWay);
    return { design: current(), bench: using, plan: planned, underWay };
  };
  const shown = createStore<Shown>()(() => show(bench));
  const settled = createStore<Shown>()(() => shown.getState());
  shown.subscribe((now) => {
    if (!now.underWay) settled.setState(now);
  });
  const planAnew = () => {
    const now = shown.getState();
    if (now.design !== current() || (now.underWay && store.getState().preview === null))
      shown.setState(show(now.bench));
  };
  let due = false;
  store.subscribe(({ preview }) => {
    if (preview === null) return planAnew();
    if (due) return;
    due = true;
    later(() => {
      due = false;
      planAnew();
    });
  });

  /** Puts a candidate in force if it can be planned; answers what keeps it from it. */
  const offer = (candidate: Build, commit: boolean): Problem[] => {
    const problems = checkDesign(candidate, shown.getState().bench.book);
    if (problems.length > 0) return problems;
    store.setState(commit ? { design: candidate, preview: null, refused: null } : { preview: candidate });
    return [];
  };
  /** Says on the page what was not done, and why. */
  const refuse = (what: string, problems: readonly { message: string }[]) => {
    if (problems.length > 0)
      store.setState({ refused: `${what} ${problems.map((p) => p.message).join(" ")} The build is as it was.` });
  };
  const attempt = (recipe: (draft: Build) => void) => offer(produce(current(), recipe), true);
  const drop = () => store.setState({ preview: null });
  return {
    store,
    shown,
    settled,
    /**
     * Changes the design for good: one undo step, one revision. The last good design stays when it cannot be planned.
     * @returns what keeps it from it, for a field that says so itself
     */
    attempt,
    /** The same for what has no field to say so: the page does. */
    commit: (recipe: (draft: Build) => void): void => refuse("This change was not made:", attempt(recipe)),
    /** Takes back what the page says of the last refusal. */
    dismiss: () => store.setState({ refused: null }),
    /** Shows a change that is still under way. */
    show: (recipe: (draft: Build) => void): Problem[] => offer(produce(current(), recipe), false),
    /** Makes what is shown the design. */
    settle: (): void => {
      const { preview } = store.getState();
      if (preview) store.setState({ design: preview, preview: null });
    },
    /** Drops what is shown. */
    drop,
    /** Applies a fix; one that does not fit the build as it has become meanwhile is said to. */
    applyFix: ({ label, patch }: Fix): void => {
      const fixed = tryFix(current(), patch);
      refuse(`“${label}” was not done:`, fixed ? offer(fixed, true) : [{ message: "the build has changed since." }]);
    },
    replace: (whole: Build): Problem[] => offer(whole, true),
    undo: () => {
      drop();
      store.temporal.getState().undo();
    },
    redo: () => {
      drop();
      store.temporal.getState().redo();
    },
    setSave: (save: SaveState) => store.setState({ save }),
    /** Plans anew with other prices, hours or stock. */
    setBench: (other: Bench) => {
      if (other !== shown.getState().bench) shown.setState(show(other));
    },
  };
}
export type BuildStore = ReturnType<typeof createBuildStore>;
