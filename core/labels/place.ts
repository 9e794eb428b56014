import { type Lettering, textWidth } from "./width";

/** Smallest size that is read on a screen, px. */
export const READ_PX = 13;

/** A rectangle of a drawing, px, y down. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A place a label may stand at: `y` is the middle of its letters, `align` says which of its ends `x` is. */
export interface Spot {
  x: number;
  y: number;
  align: "start" | "middle" | "end";
  /** Upright, read from below: `x` is then the middle of its letters, and `y` where its first letter stands. */
  turned?: true;
  /** What a label may not run out of here. */
  within?: Box;
}

/** A label that is wanted on a drawing. */
export interface Wanted {
  id: string;
  /** What it may say, the fullest first. */
  says: readonly string[];
  /** Where it may stand, the best first. */
  spots: readonly Spot[];
  lettering?: Lettering;
  size?: number;
  /** Name of a theme colour. */
  tone?: string;
  /** Free room round its letters, for a disc behind them, px. */
  pad?: number;
  /** The room it has at a spot, where it may not run out of something narrower than the drawing. */
  within?: Box;
}

/** A label where it is written. */
export interface Placed {
  id: string;
  text: string;
  x: number;
  /** Middle of its letters. */
  y: number;
  size: number;
  lettering: Lettering;
  tone: string;
  turned: boolean;
  box: Box;
}

/** Height of a line against the size of its letters, so that no descender meets the line below. */
const LINE = 1.2;
/** Least room between two labels, px. */
const APART = 2;

/** Whether two boxes lie on one another. */
export const meet = (a: Box, b: Box, apart = 0): boolean =>
  a.x < b.x + b.width + apart &&
  b.x < a.x + a.width + apart &&
  a.y < b.y + b.height + apart &&
  b.y < a.y + a.height + apart;

/** Whether a box lies wholly in another. */
export const inBox = (inner: Box, outer: Box): boolean =>
  inner.x >= outer.x &&
  inner.y >= outer.y &&
  inner.x + inner.width <= outer.x + outer.width &&
  inner.y + inner.height <= outer.y + outer.height;

/** The box a text takes at a spot. */
export function boxAt(text: string, { x, y, align, turned }: Spot, size: number, lettering: Lettering): Box {
  const width = textWidth(text, size, lettering);
  if (turned) return { x: x - (size * LINE) / 2, y: y - width, width: size * LINE, height: width };
  const left = align === "start" ? x : align === "end" ? x - width : x - width / 2;
  return { x: left, y: y - (size * LINE) / 2, width, height: size * LINE };
}

/**
 * Places labels so that none lies on another and none is cut. Those first in the list choose first; each takes its fullest
 * words at the best spot that is free, rather shorter words than a place upon a mark, and is left out where nothing fits.
 * @param wanted the labels, the most wanted first
 * @param frame the drawing they may not leave, px
 * @param marks what they had rather not cover, px
 */
export function placeLabels(wanted: readonly Wanted[], frame: Box, marks: readonly Box[] = []): Placed[] {
  const placed: Placed[] = [];
  for (const want of wanted) {
    const found = findPlace(want, frame, marks, placed) ?? findPlace(want, frame, [], placed);
    if (found) placed.push(found);
  }
  return placed;
}

function findPlace(
  { id, says, spots, lettering = "mono", size = READ_PX, tone = "ink", pad = 0, within }: Wanted,
  frame: Box,
  marks: readonly Box[],
  placed: readonly Placed[],
): Placed | undefined {
  for (const text of says)
    for (const spot of spots) {
      const own = boxAt(text, spot, size, lettering);
      const box = { x: own.x - pad, y: own.y - pad, width: own.width + 2 * pad, height: own.height + 2 * pad };
      const room = spot.within ?? within;
      if (!inBox(box, frame) || (room && !inBox(box, room))) continue;
      if (placed.some((p) => meet(p.box, box, APART)) || marks.some((m) => meet(m, box))) continue;
      return {
        id,
        text,
        x: spot.turned ? spot.x : own.x,
        y: spot.y,
        size,
        lettering,
        tone,
        turned: spot.turned === true,
        box,
      };
    }
  return undefined;
}

/** A column of labels, each as near its own height as the others let it; read from the top down. */
export interface InColumn {
  id: string;
  y: number;
}

/**
 * Moves the labels of a column apart. Where there is no room for all, the last of them are left out.
 * @param labels the most wanted first, each with the height it belongs to
 * @param apart from one line to the next
 * @param top,foot between which their middles may stand
 */
export function spread<T extends InColumn>(labels: readonly T[], apart: number, top: number, foot: number): T[] {
  const room = Math.max(0, Math.floor((foot - top) / apart) + 1);
  const sorted = labels.slice(0, room).sort((a, b) => a.y - b.y);
  let last = top - apart;
  const placed = sorted.map((label) => {
    last = Math.max(label.y, last + apart);
    return { ...label, y: last };
  });
  // What was pushed past the foot is pushed back up.
  let next = foot;
  for (let i = placed.length - 1; i >= 0; i--) {
    const label = placed[i]!;
    label.y = Math.min(label.y, next);
    next = label.y - apart;
  }
  return placed;
}
