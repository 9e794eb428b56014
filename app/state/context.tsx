import { createContext, type ReactNode, useContext, useMemo, useRef, useState } from "react";
import { useStore } from "zustand";
import type { Stock } from "#core/buying/stock";
import { rememberingNester } from "#core/cuts/nester";
import type { Problem } from "#core/design/limits";
import type { Build, Variant } from "#core/design/schema";
import { chosenVariant, variantPath } from "#core/design/variant";
import type { Workshop } from "#core/diary/workshop";
import type { Book } from "#core/materials/schema";
import { type Plan, plan } from "#core/plan";
import { formatLength, type LengthDisplay, type Rounding } from "#core/units/format";
import { readAt, writeAt } from "./pointer";
import type { BuildStore } from "./store";

/** What a build is planned with, beside its design. */
export interface Bench {
  book: Book;
  stock: Stock;
  workshop: Workshop;
  now: string;
  seed: number;
}

interface BuildContextValue {
  buildId: string;
  api: BuildStore;
  bench: Bench;
  design: Build;
  variant: Variant;
  plan: Plan;
  working: string | null;
  openWorking: (figureId: string | null) => void;
  chosen: string | null;
  choose: (featureId: string | null) => void;
}

const BuildContext = createContext<BuildContextValue | null>(null);

/** Plans the design on every change and hands it to the stages. */
export function BuildProvider({
  buildId,
  api,
  bench,
  children,
}: {
  buildId: string;
  api: BuildStore;
  bench: Bench;
  children: ReactNode;
}) {
  const design = useStore(api.store, (s) => s.preview ?? s.design);
  const [working, openWorking] = useState<string | null>(null);
  const [chosen, choose] = useState<string | null>(null);
  const nester = useRef(rememberingNester());
  const planned = useMemo(() => plan({ design, log: [], ...bench }, nester.current), [design, bench]);
  const value = useMemo(
    () => ({
      buildId,
      api,
      bench,
      design,
      variant: chosenVariant(design),
      plan: planned,
      working,
      openWorking,
      chosen,
      choose,
    }),
    [buildId, api, bench, design, planned, working, chosen],
  );
  return <BuildContext.Provider value={value}>{children}</BuildContext.Provider>;
}

/** The open build: its design, its plan, and how to change it. */
export function useBuild(): BuildContextValue {
  const value = useContext(BuildContext);
  if (!value) throw new Error("useBuild outside a BuildProvider");
  return value;
}

/** The build's own units, and a formatter in them. */
export function useUnits(): { units: LengthDisplay; say: (mm: number, rounding?: Rounding) => string } {
  const units = useBuild().design.brief.units;
  return { units, say: (mm, rounding) => formatLength(mm, units, rounding) };
}

/** One decision of the design, by its place in the variant (or in the whole build with a leading `build:`). */
export function useDecision<T>(path: string): {
  value: T;
  pointer: string;
  commit: (value: T) => Problem[];
  show: (value: T) => Problem[];
} {
  const { api, design } = useBuild();
  const pointer = path.startsWith("build:") ? path.slice(6) : variantPath(design, path);
  const write = (value: T) => (draft: Build) => writeAt(draft, pointer, value);
  return {
    value: readAt(design, pointer) as T,
    pointer,
    commit: (value) => api.commit(write(value)),
    show: (value) => api.show(write(value)),
  };
}
