import { SOURCES, type SourceKey } from "./sources";

/** Where a constant comes from. The screen shows it beside the working. */
export type Basis =
  | { kind: "published"; source: string }
  | { kind: "practice" }
  | { kind: "label" }
  | { kind: "memory" }
  | { kind: "log"; entries: number };

export const practice: Basis = { kind: "practice" };
export const label: Basis = { kind: "label" };
export const memory: Basis = { kind: "memory" };
/** A published work by its key: only what names its edition and place is published. */
export const published = (key: SourceKey): Basis => ({ kind: "published", source: SOURCES[key] });

/** A constant with its spread, where one is known (5–95 % of cases), and its basis. */
export interface Known {
  value: number;
  low?: number;
  high?: number;
  basis: Basis;
}

/** One thing a figure was worked out from: a measure of the design, a constant with its basis, or another figure. */
export interface FigureInput {
  name: string;
  value: number;
  unit: string;
  basis?: Basis;
  figure?: string;
}

/** A computed number with its working. Plain JSON; `inputs` name other figures by id. */
export interface Figure {
  id: string;
  label: string;
  value: number;
  /** SI unit; `mm` values are shown in the build's own units. */
  unit: string;
  low?: number;
  high?: number;
  /** Gaps round up, allowances down. */
  rounding?: "up" | "down";
  formula: string;
  inputs: FigureInput[];
  /** True for estimates the builder should measure before relying on. */
  estimate?: boolean;
}

/** A basis in words, as shown beside a number. */
export function basisWords(basis: Basis): string {
  switch (basis.kind) {
    case "published":
      return `published: ${basis.source}`;
    case "practice":
      return "trade practice, no source";
    case "label":
      return "from a maker's label; overwrite with yours";
    case "memory":
      return "from memory; check it";
    case "log":
      return `your log, ${basis.entries} ${basis.entries === 1 ? "entry" : "entries"}`;
  }
}

/** An input that is a constant. */
export const constant = (name: string, known: Known, unit: string): FigureInput => ({
  name,
  value: known.value,
  unit,
  basis: known.basis,
});

/** An input that is itself a figure. */
export const from = (figure: Figure, name = figure.label): FigureInput => ({
  name,
  value: figure.value,
  unit: figure.unit,
  figure: figure.id,
});
