import { GRAVITY } from "../../units/constants";
import type { DoorBar, DoorInput } from "./format";

/** A leaf with what it is made of, mm and kg. */
export interface Leaf {
  widthMm: number;
  heightMm: number;
  /** Of its bars, or of the pane that it is. */
  thicknessMm: number;
  massKg: number;
  bars: DoorBar[];
  infill: { widthMm: number; heightMm: number } | null;
}

/** The width of one leaf: what the opening leaves between its clearances. */
function leafWidthMm({ kind, leaves, opening: { widthMm }, clearanceMm: { hinge, lock, meet } }: DoorInput): number {
  if (kind !== "hinged") return widthMm - 2 * lock;
  return leaves === 2 ? (widthMm - 2 * hinge - meet) / 2 : widthMm - hinge - lock;
}

/**
 * One leaf of a door or lid: its size, bars, infill and mass (source: door-rules).
 * Bars are weighed as if they butted, whatever their join, and their rebates are not taken off.
 */
export function leafOf(input: DoorInput): Leaf {
  const { leaf, leaves, opening, clearanceMm } = input;
  const widthMm = leafWidthMm(input);
  const heightMm = opening.heightMm - clearanceMm.head - clearanceMm.foot;
  const { frame, infill } = leaf;
  const kg = (mm3: number, densityKgPerM3: number) => (mm3 * densityKgPerM3) / 1e9;
  if (!frame)
    return {
      ...{ widthMm, heightMm, thicknessMm: infill.thicknessMm, bars: [], infill: null },
      massKg: kg(widthMm * heightMm * infill.thicknessMm, infill.densityKgPerM3),
    };
  const thicknessMm = leaf.thicknessMm ?? infill.thicknessMm;
  const { barWidthMm, join, material } = frame;
  const between = widthMm - 2 * barWidthMm;
  const held = 2 * (infill.rebateMm - infill.playMm);
  const pane = { widthMm: between + held, heightMm: heightMm - 2 * barWidthMm + held };
  return {
    ...{ widthMm, heightMm, thicknessMm },
    bars: [
      { id: "stile", lengthMm: heightMm, qty: 2 * leaves },
      { id: "rail", lengthMm: join === "mitre" ? widthMm : between, qty: 2 * leaves },
    ],
    infill: pane,
    massKg:
      kg(2 * (heightMm + between) * barWidthMm * thicknessMm, material.densityKgPerM3) +
      kg(pane.widthMm * pane.heightMm * infill.thicknessMm, infill.densityKgPerM3),
  };
}

/** Pull on the top hinge of a leaf that hangs from two, N: its weight at half its width, over their spacing. */
export const hingePullN = ({ massKg, widthMm }: Pick<Leaf, "massKg" | "widthMm">, spacingMm: number): number =>
  (massKg * GRAVITY * (widthMm / 2)) / spacingMm;

/** Two hinges to so many kilograms or millimetres, one more for each further (source: door-rules). */
export const HINGE_RULE = { kg: 10, mm: 900, furtherMm: 600 } as const;

/** Hinges a leaf wants, by its mass and its height (source: door-rules). */
export const hingesWanted = ({ massKg, heightMm }: Pick<Leaf, "massKg" | "heightMm">): number => {
  const { kg, mm, furtherMm } = HINGE_RULE;
  return Math.max(2, 1 + Math.ceil(massKg / kg), 2 + Math.ceil((heightMm - mm) / furtherMm));
};

/** What a leaf needs beside its free edge to swing past the jamb, mm: √(w² + t²) − w. */
export const swingClearMm = ({ widthMm, thicknessMm }: Pick<Leaf, "widthMm" | "thicknessMm">): number =>
  Math.hypot(widthMm, thicknessMm) - widthMm;
