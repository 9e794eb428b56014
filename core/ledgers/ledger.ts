import type { Operation } from "fast-json-patch";
import type { OwnLogId, View } from "../bench/names";
import type { Figure } from "../figures/figure";
import type { WorkId } from "../workshop/works";
import type { Cures } from "./cures";
import type { Fact } from "./facts";

/** Where something is decided and shown: the id of a stage in `core/trades/stages.ts`. */
export type Stage = string;

/** Corners cut out of a part at right angles: one, both of one long side, or all four. */
export interface CornerCut {
  count: 1 | 2 | 4;
  /** Along the part's length, and along its width. */
  lengthMm: number;
  widthMm: number;
}

/** A piece to be cut or ordered. Sizes are finished sizes, unrounded; `sawSizeMm` rounds them for paper and saw. */
export interface Part {
  id: string;
  label: string;
  materialId: string;
  /** `ownPane` is cut from panes the shell came with; `cloth` is cut with scissors or a knife from the roll. */
  kind: "panel" | "pane" | "bar" | "mesh" | "cloth" | "ownPane";
  /** Panels and panes: the longer drawn side. Bars: their length. */
  lengthMm: number;
  /** Panels, panes and mesh: the other side. Bars: 0. */
  widthMm: number;
  thicknessMm: number;
  qty: number;
  /** True when `lengthMm` must lie along the sheet's length. */
  grainLocked: boolean;
  /** Where the lock of its grain is typed, as a JSON Pointer into the build; for parts whose lock is the builder's own. */
  grainPath?: string;
  /** A bar that comes in one pack with this other part, and is not bought beside it. */
  comesWith?: string;
  /** What a bar's mitred ends cost of the stock beside its length, mm. */
  endsMm?: number;
  corners?: CornerCut;
  /** How the size came about, in words with numbers, e.g. `1500 inside + 10 left side + 10 right side`. */
  working: { length: string; width: string };
  figure?: string;
}

/** A consumable or bought piece. `likely` is the median need with waste in it; `low`–`high` its 5–95 % span. */
export interface Supply {
  id: string;
  label: string;
  materialId: string;
  unit: "mL" | "mm" | "mm2" | "g" | "piece";
  likely: number;
  low: number;
  high: number;
  why: string;
  figure?: string;
}

/** Which way up the shell lies while a step and its hold last. */
export type Posture = "upright" | "onBack" | "onFront" | "onLeft" | "onRight" | "onTop";

/**
 * Something a build comes to, whichever trade brings it there: reached once every step that says so is over, and at once if
 * none does. `docs/orders.md` lists them.
 */
export type Milestone =
  | "surveyed"
  | "doorsOff"
  | "fetched"
  | "sawn"
  | "holesCut"
  | "meshed"
  | "stands"
  | "keyed"
  | "coated"
  | "sealed"
  | "waterTested"
  | "poured"
  | "wallsUp"
  | "decorated"
  | "lampsLaid"
  | "footed"
  | "substrateIn"
  | "waterIn"
  | "waterRuns"
  | "planted"
  | "settled"
  | "closed"
  | "audited"
  | "airedOut"
  | "ranEmpty"
  | "residentsIn";

/** What a step waits for: a step of its own trade, or a milestone, of one face or thing where `of` names it. */
export type Wait = { id: string; because: string } | { reached: Milestone; of?: string; because: string };

/** A milestone that a step brings the build to, of one face or thing where it is named after a colon. */
export type Reach = Milestone | `${Milestone}:${string}`;

/** One thing to do. `after` says what must be over, waits included, before this one starts. */
export interface Step {
  id: string;
  title: string;
  detail: string;
  stage: Stage;
  handsOnMinutes: number;
  /** Unattended wait after the hands-on part, before anything that depends on this step. */
  waitMinutes: number;
  waitFor?: string;
  /** When what it puts on has set for what: the clocks that start as it ends. */
  cures?: Cures;
  /** The kind of work its minutes are of, where the builder's own log teaches them. */
  work?: WorkId;
  /** Its minutes at the rates everyone starts from, where the builder's own are others. */
  startMinutes?: number;
  /** The log of its own that tells when it is over, where it has one; and when that was, a local time. */
  ownLog?: OwnLogId;
  overAt?: string;
  after: Wait[];
  /** Milestones that are reached only once this step is over. */
  reaches?: Reach[];
  /** Materials of the book, or panes the shell came with, that it uses. */
  uses?: string[];
  /** The wall, feature or other thing it is done to, for screens that show that thing's own steps. */
  about?: { thing: string; short: string };
  posture?: Posture;
  /** True when the shell must keep its posture through the wait. */
  holdsPosture?: boolean;
  /** True when it may be broken off at the end of an evening and gone on with. */
  splittable: boolean;
  toHand: string[];
  cautions: string[];
  passSign?: string;
  /** Photographs that must be there before it is over: what memory fails at later. */
  photos?: View[];
  figure?: string;
}

/** A step whose waits are for steps that there are. */
export interface SettledStep extends Step {
  after: { id: string; because: string }[];
}

export type Severity = "stop" | "mind" | "note";

/** A change of the design that clears a snag: a JSON Patch (RFC 6902) under a button. */
export interface Fix {
  label: string;
  patch: Operation[];
}

/** A judgement. `subject` makes it one of its rule's kind, so that a waiver survives an edit. */
export interface Snag {
  rule: string;
  subject: string;
  severity: Severity;
  stage: Stage;
  title: string;
  sentence: string;
  reason: string;
  fix?: Fix;
  /** More to try, in order, when `fix` proves not to clear it; the finished plan has none. */
  otherFixes?: Fix[];
  figure?: string;
  waived?: { reason: string };
}

/** What a trade or a reckoner makes of a design. */
export interface TradeLedger {
  parts: Part[];
  supplies: Supply[];
  steps: Step[];
  snags: Snag[];
  figures: Figure[];
  /** What other trades may need to know. */
  facts: Fact[];
}

export const emptyLedger = (): TradeLedger => ({
  parts: [],
  supplies: [],
  steps: [],
  snags: [],
  figures: [],
  facts: [],
});

/** Several trades' ledgers as one, in order. */
export function gather(ledgers: readonly TradeLedger[]): TradeLedger {
  const all = emptyLedger();
  for (const { parts, supplies, steps, snags, figures, facts } of ledgers) {
    all.parts.push(...parts);
    all.supplies.push(...supplies);
    all.steps.push(...steps);
    all.snags.push(...snags);
    all.figures.push(...figures);
    all.facts.push(...facts);
  }
  return all;
}
