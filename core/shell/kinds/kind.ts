import type { Measure } from "../../design/basics";
import type { Variant } from "../../document/schema";
import type { TradeLedger } from "../../ledgers/ledger";
import type { Book } from "../../materials/schema";
import type { Shell } from "../shell";
import type { Site } from "../site";

/** What a kind's limits are told with: places are JSON Pointers into the variant. */
export interface Checker {
  book: Book;
  say: (mm: number) => string;
  add: (path: string, message: string) => void;
  /** Says so when a measure is missing its limits. */
  between: (path: string, measure: Measure | null, lowMm: number, highMm: number, what: string) => void;
}

/** One thing the survey asks. `arrow` is where the tape runs on the drawing, as `x,y x,y`. */
export interface SurveyField {
  path: string;
  label: string;
  ask: "length" | "plain" | "volume" | "choice" | "tick" | "count" | "sheet";
  optional?: boolean;
  suffix?: string;
  hint?: string;
  options?: readonly (readonly [string, string])[];
  arrow?: string;
  /** Asked only while another place has this value. */
  when?: { path: string; is: unknown };
  /** For counts: the least and the most. */
  min?: number;
  max?: number;
}

/**
 * What the builder is asked, following the tape round the thing, with a small drawing of it: lines as `x,y x,y …`,
 * 0–100 across and 0–75 down.
 */
export interface Survey {
  drawing: readonly string[];
  groups: readonly { title: string; fields: readonly SurveyField[] }[];
  /** What a new build asks first, each a length with an example. */
  first: readonly { path: string; label: string; example: string }[];
}

/** A starting shell. Everything that knows it lives in its folder; `kinds/index.ts` lists it. */
export interface ShellKind<S extends Variant["shell"] = Variant["shell"]> {
  kind: S["kind"];
  /** As a builder would call it, and what it is for. */
  label: string;
  words: string;
  survey: Survey;
  /** What can close it. */
  closures: readonly Variant["closure"]["kind"][];
  /** Starting values; `first` measures are put into it. */
  starter: () => Pick<Variant, "shell"> & Partial<Pick<Variant, "closure" | "features" | "seal">>;
  check: (shell: S, variant: Variant, checker: Checker) => void;
  build: (variant: Variant, book: Book) => Shell;
  /** What only this kind has: parts, joints, steps, snags, figures. */
  plan: (site: Site) => TradeLedger;
}
