import { temporal } from "zundo";
import { createStore } from "zustand/vanilla";
import type { KeptNesting } from "#core/cuts/nester";
import type { DayAnswer } from "#core/day/answer";
import { type LocalMinutes, parseLocal } from "#core/design/localTime";
import type { Problem } from "#core/document/check";
import type { Build } from "#core/document/schema";
import type { Fix } from "#core/ledgers/ledger";
import type { Log } from "#core/log/schema";
import type { Book } from "#core/materials/schema";
import type { Plan } from "#core/plan";
import type { PastWork, Regret } from "#core/rates/schema";
import type { Stock } from "#core/stock/schema";
import type { Seen } from "#core/things/seen";
import type { Placed, Thing } from "#core/things/thing";
import type { Workshop } from "#core/workshop/schema";
import { createClock } from "./clock";

/** What a build is planned with, beside its design. */
export interface Bench {
  log: Log;
  nestings: KeptNesting[];
  days?: readonly DayAnswer[];
  past?: readonly PastWork[];
  regrets?: readonly Regret[];
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
  /** Whether something was changed that waits for the planner: it is not saved, and closed now it would be lost. */
  held: boolean;
}

/** What is shown: the design in force, what it is planned with, and its plan. */
export interface Shown {
  design: Build;
  bench: Bench;
  plan: Plan;
  /** What of it is shown beside its ledgers. */
  seen: Seen;
  /** Whether the design is still being dragged or typed, and its fixes not yet proved. */
  underWay: boolean;
}

/** What plans: all of the core that a page does not need until something is changed. */
export type Planner = typeof import("./planner");

/** A change of a draft of the design; it is handed what plans, for what it needs of the core. */
export type Recipe = (draft: Build, planner: Planner) => void;

/** What is told what keeps a change from being made; nothing where it was made. */
type Told = (problems: Problem[]) => void;

/** What a build is opened with. */
export interface Opening {
  design: Build;
  revision: number;
  bench: Bench;
  /** Local time of the workshop when it was read, to a part of a minute; that of `bench` where it is not told. */
  clock?: LocalMinutes;
  /** The plan of that design, as the server made it. */
  plan: Plan;
  seen: Seen;
  /** What plans from then on, or how it is fetched. */
  planner: Planner | (() => Promise<Planner>);
}

const NOT_FETCHED =
  "What computes the plan could not be fetched from the server. It is tried again; what you change waits for it.";
/** As many days are kept at hand: undone, a design has its own at once. */
const MOST_DAYS = 40;
/** From one try to the next, ms. */
const TRY_AGAIN_MS = 3000;

/**
 * The stores of one open build. One per route instance, never at module level. What is changed before the planner is there
 * is changed once it is.
 * @param later when a design still under way is planned: at once, or after it has been painted as it is dragged
 */
export function createBuildStore(
  { design, revision, bench, clock: at, plan: first, seen, planner }: Opening,
  later: (work: () => void) => void = (work) => work(),
) {
  const store = createStore<BuildState>()(
    temporal(
      (): BuildState => ({ design, preview: null, save: { kind: "saved", revision }, refused: null, held: false }),
      {
        partialize: ({ design }) => ({ design }),
        equality: (a, b) => a.design === b.design,
        limit: 200,
      },
    ),
  );
  const clock = createClock(at ?? parseLocal(bench.now) ?? 0);
  let code = typeof planner === "function" ? null : planner;
  let nester = code?.rememberingNester();
  let memory = code?.planMemory();
  const waiting: (() => void)[] = [];
  let fetching = false;
  /** Fetches the planner; what waits for it is done once it is there. */
  const wake = () => {
    if (code || fetching || typeof planner !== "function") return;
    fetching = true;
    planner()
      .then((fetched) => {
        code = fetched;
        nester = fetched.rememberingNester();
        memory = fetched.planMemory();
      })
      .then(
        () => {
          if (store.getState().refused === NOT_FETCHED) store.setState({ refused: null });
          for (const work of waiting.splice(0)) work();
          store.setState({ held: false });
        },
        () => {
          store.setState({ refused: NOT_FETCHED });
          setTimeout(() => {
            fetching = false;
            wake();
          }, TRY_AGAIN_MS);
        },
      );
  };
  /** Does something once the planner is there: at once, mostly. */
  const ready = (work: () => void) => {
    if (code) return work();
    waiting.push(work);
    wake();
  };
  /** The same for what the builder changed: until then it is not saved. */
  const readyToChange = (work: () => void) => {
    if (!code) store.setState({ held: true });
    ready(work);
  };
  const current = () => store.getState().preview ?? store.getState().design;
  const show = (using: Bench): Shown => {
    const underWay = store.getState().preview !== null;
    const planned = code!.plan({ design: current(), ...using }, nester, underWay, memory);
    return { design: current(), bench: using, plan: planned, seen: code!.see(planned), underWay };
  };
  const shown = createStore<Shown>()((): Shown => ({ design, bench, plan: first, seen, underWay: false }));
  const settled = createStore<Shown>()(() => shown.getState());
  shown.subscribe((now) => {
    if (!now.underWay) settled.setState(now);
  });
  const planAnew = () =>
    ready(() => {
      const now = shown.getState();
      if (now.design !== current() || (now.underWay && store.getState().preview === null))
        shown.setState(show(now.bench));
    });
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
    const problems = code!.checkDesign(candidate, shown.getState().bench.book);
    if (problems.length > 0) return problems;
    store.setState(commit ? { design: candidate, preview: null, refused: null } : { preview: candidate });
    return [];
  };
  /** Says on the page what was not done, and why. */
  const refuse = (what: string, problems: readonly { message: string }[]) => {
    if (problems.length > 0)
      store.setState({ refused: `${what} ${problems.map((p) => p.message).join(" ")} The build is as it was.` });
  };
  /**
   * Asks for a change once the planner is there.
   * @param later what is then told what keeps it from it; the page, where it is nobody
   */
  const whenReady = (what: string, change: () => Problem[], later?: Told): Problem[] => {
    if (code) return change();
    readyToChange(() => {
      const problems = change();
      if (later) later(problems);
      else refuse(what, problems);
    });
    return [];
  };
  const made = (recipe: Recipe) => code!.produce(current(), (draft: Build) => recipe(draft, code!));
  const NOT_MADE = "This change was not made:";
  const attempt = (recipe: Recipe, later?: Told) => whenReady(NOT_MADE, () => offer(made(recipe), true), later);
  /** What was dragged before the planner was there, and whether it has been let go. */
  let early: { recipe: Recipe; settled: boolean } | null = null;
  const settle = (): void => {
    if (early) early.settled = true;
    const { preview } = store.getState();
    if (preview) store.setState({ design: preview, preview: null });
  };
  const drop = () => {
    early = null;
    store.setState({ preview: null });
  };
  return {
    store,
    clock,
    shown,
    settled,
    wake,
    isWaiting: () => store.getState().held,
    /**
     * Changes the design for good: one undo step, one revision. The last good design stays when it cannot be planned.
     * @param later told the same, where the planner is still on its way
     * @returns what keeps it from it, for a field that says so itself
     */
    attempt,
    /**
     * The same for what has no field to say so: the page does.
     * @param then done once the change is made; not where it cannot be
     */
    commit: (recipe: Recipe, then?: () => void): void =>
      refuse(
        NOT_MADE,
        whenReady(NOT_MADE, () => {
          const problems = offer(made(recipe), true);
          if (problems.length === 0) then?.();
          return problems;
        }),
      ),
    /** Takes back what the page says of the last refusal. */
    dismiss: () => store.setState({ refused: null }),
    /** Shows a change that is still under way: the last of them once the planner is there. */
    show(recipe: Recipe): Problem[] {
      if (code) return offer(made(recipe), false);
      const first = early === null;
      early = { recipe, settled: false };
      if (first)
        readyToChange(() => {
          const last = early;
          early = null;
          if (!last) return;
          const problems = offer(made(last.recipe), false);
          // What is still being typed is refused where it is typed, once it is left.
          if (!last.settled) return;
          refuse(NOT_MADE, problems);
          settle();
        });
      return [];
    },
    /** Makes what is shown the design. */
    settle,
    /** Drops what is shown. */
    drop,
    /** Where something lies on its face in what is shown and not yet the design. */
    dragged({ kind, id }: Pick<Thing, "kind" | "id">): Placed | undefined {
      const { preview } = store.getState();
      return preview && code ? code.placedIn(preview, kind, id) : undefined;
    },
    /** Applies a fix; one that does not fit the build as it has become meanwhile is said to. */
    applyFix: ({ label, patch }: Fix): void =>
      readyToChange(() => {
        const fixed = code!.tryFix(current(), patch);
        refuse(`“${label}” was not done:`, fixed ? offer(fixed, true) : [{ message: "the build has changed since." }]);
      }),
    replace: (whole: Build): Problem[] => whenReady(NOT_MADE, () => offer(whole, true)),
    undo: () => {
      drop();
      store.temporal.getState().undo();
    },
    redo: () => {
      drop();
      store.temporal.getState().redo();
    },
    setSave: (save: SaveState) => store.setState({ save }),
    /** Plans again with a day of its air that was worked out meanwhile. */
    keepDay: (answer: DayAnswer) => {
      const { bench } = shown.getState();
      const others = (bench.days ?? []).filter((d) => d.key !== answer.key);
      ready(() => shown.setState(show({ ...bench, days: [answer, ...others].slice(0, MOST_DAYS) })));
    },
    /** Plans again with other prices, hours or stock. */
    setBench: (other: Bench) => {
      if (other === shown.getState().bench) return;
      // What was read of the server is in force at once; its plan follows.
      if (code) return shown.setState(show(other));
      shown.setState({ ...shown.getState(), bench: other });
      ready(() => shown.setState(show(shown.getState().bench)));
    },
  };
}
export type BuildStore = ReturnType<typeof createBuildStore>;
