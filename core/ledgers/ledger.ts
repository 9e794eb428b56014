import type { Operation } from "fast-json-patch";
import type { Figure } from "../figures/figure";

/** The stages of a build, in the order decisions bind one another. */
export type Stage =
  | "brief"
  | "shell"
  | "ground"
  | "front"
  | "air"
  | "seal"
  | "background"
  | "cuts"
  | "buying"
  | "diary";

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

/** One thing to do. `after` names steps that must be over, waits included, before this one starts. */
export interface Step {
  id: string;
  title: string;
  detail: string;
  stage: Stage;
  handsOnMinutes: number;
  /** Unattended wait after the hands-on part, before anything that depends on this step. */
  waitMinutes: number;
  waitFor?: string;
  after: { id: string; because: string }[];
  posture?: Posture;
  /** True when the shell must keep its posture through the wait. */
  holdsPosture?: boolean;
  /** True when it may be broken off at the end of an evening and gone on with. */
  splittable: boolean;
  toHand: string[];
  cautions: string[];
  passSign?: string;
  figure?: string;
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

export interface TradeLedger {
  parts: Part[];
  supplies: Supply[];
  steps: Step[];
  snags: Snag[];
  figures: Figure[];
}

export const emptyLedger = (): TradeLedger => ({
  parts: [],
  supplies: [],
  steps: [],
  snags: [],
  figures: [],
});

/** Several trades' ledgers as one, in order. */
export function gather(ledgers: TradeLedger[]): TradeLedger {
  const all = emptyLedger();
  for (const { parts, supplies, steps, snags, figures } of ledgers) {
    all.parts.push(...parts);
    all.supplies.push(...supplies);
    all.steps.push(...steps);
    all.snags.push(...snags);
    all.figures.push(...figures);
  }
  return all;
}
