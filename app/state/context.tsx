import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from "react";
import { useStore } from "zustand";
import { useStoreWithEqualityFn } from "zustand/traditional";
import { createStore, type StoreApi } from "zustand/vanilla";
import { readAt, writeAt } from "#core/design/pointer";
import type { Problem } from "#core/document/check";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant, variantPath } from "#core/document/variant";
import type { SeenThing } from "#core/things/seen";
import type { Placed, Thing } from "#core/things/thing";
import type { StageInfo } from "#core/trade/stage";
import { formatLength, type LengthDisplay, type Rounding } from "#core/units/format";
import { equal } from "./equal";
import { createLogbook, type Logbook } from "./logbook";
import type { Bench, BuildStore, Planner, Shown } from "./store";

/** Something in hand, by its kind and id. */
export type Held = Pick<Thing, "kind" | "id">;

/** What is picked out on the page: the figure whose working is open, and what is in hand. */
interface Picked {
  working: string | null;
  held: readonly Held[];
  /** Whether what is in hand lies over a page too narrow for it to stand beside. */
  sideOpen: boolean;
  /** The path of the measure whose field is in hand, for where the tape runs. */
  measure: string | null;
}

/** Whether two are the same thing. */
export const isSame = (a: Held, b: Held) => a.kind === b.kind && a.id === b.id;

interface BuildHandle {
  buildId: string;
  /** Every stage there is, in the order decisions bind one another. */
  stages: readonly StageInfo[];
  api: BuildStore;
  logbook: Logbook;
  picked: StoreApi<Picked>;
  openWorking: (figureId: string | null) => void;
  /** Takes something in hand; with `add` beside what is there, or out of it again. */
  take: (held: Held, add?: boolean) => void;
  /** Makes something and takes it in hand once it is there; where it cannot be made, the page says why. */
  make: (recipe: (draft: Build, planner: Planner) => Held | undefined) => void;
  letGo: () => void;
  openSide: (open: boolean) => void;
  measure: (path: string | null) => void;
}

const BuildContext = createContext<BuildHandle | null>(null);

/** Hands the open build to the stages. What is handed never changes; what it holds is subscribed to. */
export function BuildProvider({
  buildId,
  stages: first,
  api,
  children,
}: {
  buildId: string;
  stages: readonly StageInfo[];
  api: BuildStore;
  children: ReactNode;
}) {
  const [picked] = useState(() =>
    createStore<Picked>()(() => ({ working: null, held: [], sideOpen: false, measure: null })),
  );
  const [logbook] = useState(() => createLogbook(buildId, api));
  // Read again with every form that is sent, and always the same: what is in hand stays there.
  const [stages] = useState(first);
  useEffect(() => {
    // What was left on this device when a page was closed is sent; a browser that keeps nothing is told by what waits.
    void import("./outbox").then(({ openOutbox }) => openOutbox()).then(logbook.keepIn, () => {});
  }, [logbook]);
  useEffect(() => {
    addEventListener("pagehide", logbook.flush);
    return () => removeEventListener("pagehide", logbook.flush);
  }, [logbook]);
  const handle = useMemo((): BuildHandle => {
    const take = (held: Held, add = false) =>
      picked.setState((now) => {
        const has = now.held.some((h) => isSame(h, held));
        const rest = now.held.filter((h) => !isSame(h, held));
        if (!add) return has && now.held.length === 1 ? { sideOpen: true } : { held: [held], sideOpen: true };
        return { held: has ? rest : [...rest, held], sideOpen: true };
      });
    return {
      ...{ buildId, stages, api, logbook, picked, take },
      openWorking: (working) => picked.setState({ working }),
      make(recipe) {
        let made: Held | undefined;
        api.commit(
          (draft, planner) => {
            made = recipe(draft, planner);
          },
          () => made && take(made),
        );
      },
      letGo: () => picked.setState({ held: [], sideOpen: false, measure: null }),
      openSide: (sideOpen) => picked.setState({ sideOpen }),
      measure: (measure) => picked.setState({ measure }),
    };
  }, [buildId, stages, api, logbook, picked]);
  return <BuildContext.Provider value={handle}>{children}</BuildContext.Provider>;
}

/** The open build's own handle; whoever uses it is not drawn again by any change. */
export function useBuildHandle(): BuildHandle {
  const handle = useContext(BuildContext);
  if (!handle) throw new Error("useBuildHandle outside a BuildProvider");
  return handle;
}

/** The whole open build; its user is drawn again on every change. For what is drawn often, see `useShown`. */
export function useBuild(): BuildHandle & Shown & { variant: Variant } {
  const handle = useBuildHandle();
  const shown = useStore(handle.api.shown);
  return { ...handle, ...shown, variant: chosenVariant(shown.design) };
}

/** A part of what is shown; its user is drawn again only when the part says something else. */
export const useShown = <T,>(select: (shown: Shown) => T): T =>
  useStoreWithEqualityFn(useBuildHandle().api.shown, select, equal);

/** A part of the design in force, which shares what a change leaves alone. */
export const useVariant = <T,>(select: (variant: Variant) => T): T =>
  useStore(useBuildHandle().api.shown, ({ design }) => select(chosenVariant(design)));

/** A part of the whole build, as `useVariant`. */
export const useDesign = <T,>(select: (design: Build) => T): T =>
  useStore(useBuildHandle().api.shown, ({ design }) => select(design));

/** The last plan that was not of something under way: for what takes longer than a frame to work out. */
export const useSettled = (): Shown => useStore(useBuildHandle().api.settled);

/** What the build is planned with; no drag changes it. */
export const useBench = (): Bench => useStore(useBuildHandle().api.shown, ({ bench }) => bench);

/** Something as the page shows it; undefined once it is gone. */
export const useThing = (held: Held): SeenThing | undefined =>
  useShown(({ seen }) => seen.things.find((t) => isSame(t, held)));

/** Where something lies on its face: as planned, or where it is now dragged to, before the plan has followed. */
export function usePlaced(held: Held): Placed | undefined {
  const { api } = useBuildHandle();
  const planned = useThing(held)?.placed;
  const dragged = useStoreWithEqualityFn(api.store, () => api.dragged(held), equal);
  return dragged ?? planned;
}

/** A part of the planned variant where it is now dragged to, before the plan has followed. */
export const useMoved = <T,>(planned: T, pick: (variant: Variant) => T | undefined): T =>
  useStore(useBuildHandle().api.store, ({ preview }) => (preview && pick(chosenVariant(preview))) ?? planned);

/** What is picked out on the page. */
export const usePicked = <T,>(select: (picked: Picked) => T): T => useStore(useBuildHandle().picked, select);

/** Whether something is in hand. */
export const useIsHeld = (held: Held): boolean => usePicked((p) => p.held.some((h) => isSame(h, held)));

/** The build's own units, and a formatter in them. */
export function useUnits(): { units: LengthDisplay; say: (mm: number, rounding?: Rounding) => string } {
  const { api } = useBuildHandle();
  const units = useStore(api.shown, (s) => s.design.brief.units);
  return { units, say: (mm, rounding) => formatLength(mm, units, rounding) };
}

interface Decision<T> {
  value: T;
  /** For a field that says itself what keeps a value from being taken. */
  attempt: (value: T, later?: (problems: Problem[]) => void) => Problem[];
  commit: (value: T) => void;
  show: (value: T) => Problem[];
  drop: () => void;
}

/** One decision of the design, by its place in the variant (or in the whole build with a leading `build:`). */
export function useDecision<T>(path: string): Decision<T> {
  const { api } = useBuildHandle();
  const place = (design: Build) => (path.startsWith("build:") ? path.slice(6) : variantPath(design, path));
  const value = useStore(api.shown, ({ design }) => readAt(design, place(design))) as T;
  const write = (next: T) => (draft: Build) => writeAt(draft, place(draft), next);
  return {
    value,
    attempt: (next, later) => api.attempt(write(next), later),
    commit: (next) => api.commit(write(next)),
    show: (next) => api.show(write(next)),
    drop: api.drop,
  };
}
