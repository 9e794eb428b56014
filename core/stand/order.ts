import { remembering } from "../cache/remembering";
import { rectangleInertiaMm4 } from "../shell/sag";
import { GRAVITY } from "../units/constants";
import { type Bent, bend } from "./beam";

/** A box on the shelf. */
export interface Standing {
  name: string;
  widthMm: number;
  kg: number;
}

/** A shelf as the statics see it. */
export interface Shelf {
  lengthMm: number;
  depthMm: number;
  thicknessMm: number;
  elasticMPa: number;
  creep: number;
  bracketsMm: readonly number[];
}

/** Room left on a board once its boxes stand on it, mm. */
const freeMm = (lengthMm: number, row: readonly Standing[]) =>
  Math.max(0, lengthMm - row.reduce((sum, b) => sum + b.widthMm, 0));

/**
 * Where each box begins, from the left end, mm.
 * @param shares of the room left over, before each box and after the last; evenly unless given
 */
export function placesMm(
  lengthMm: number,
  row: readonly Standing[],
  shares: readonly number[] = Array.from({ length: row.length + 1 }, () => 1 / (row.length + 1)),
): number[] {
  const free = freeMm(lengthMm, row);
  let at = 0;
  return row.map(({ widthMm }, i) => {
    const from = at + free * shares[i]!;
    at = from + widthMm;
    return from;
  });
}

/** Brackets evenly between the outermost, from the left end, mm. */
export const bracketsAt = (lengthMm: number, count: number, fromEndMm: number): number[] =>
  Array.from({ length: count }, (_, i) => fromEndMm + ((lengthMm - 2 * fromEndMm) * i) / (count - 1));

/** How the shelf bends, in years, with its boxes where they are. @param fromMm where each begins */
export function bentUnder(
  shelf: Shelf,
  row: readonly Standing[],
  fromMm: readonly number[] = placesMm(shelf.lengthMm, row),
): Bent {
  const stiffness = shelf.elasticMPa * rectangleInertiaMm4(shelf.depthMm, shelf.thicknessMm);
  const bent = bend(
    shelf.lengthMm,
    shelf.bracketsMm,
    stiffness,
    row.map(({ widthMm, kg }, i) => ({
      fromMm: Math.max(0, fromMm[i]!),
      toMm: Math.min(shelf.lengthMm, fromMm[i]! + widthMm),
      nPerMm: (kg * GRAVITY) / widthMm,
    })),
  );
  return { ...bent, sagMm: bent.sagMm * shelf.creep };
}

const orders = (n: number): number[][] =>
  n === 0
    ? [[]]
    : orders(n - 1).flatMap((order) =>
        Array.from({ length: n }, (_, at) => [...order.slice(0, at), n - 1, ...order.slice(at)]),
      );

/** Ways to share one out over so many gaps, in so many steps. */
const sharings = (gaps: number, steps: number): number[][] =>
  gaps === 1
    ? [[steps]]
    : Array.from({ length: steps + 1 }, (_, first) => first).flatMap((first) =>
        sharings(gaps - 1, steps - first).map((rest) => [first, ...rest]),
      );

/** Steps the room left over is shared out in: finer for few boxes, for their orders are few; five only stand evenly. */
const STEPS: Readonly<Record<number, number>> = { 1: 6, 2: 5, 3: 3, 4: 1 };

/** An order, by places in the row given, and where each box of it begins, mm. */
export interface Arranged {
  order: number[];
  fromMm: number[];
}

/** The order and the places with which the shelf bends the least, of all that are tried. */
function leastOf(shelf: Shelf, row: readonly Standing[]): Arranged {
  const gaps = row.length + 1;
  const steps = STEPS[row.length] ?? 0;
  const even = Array.from({ length: gaps }, () => 1 / gaps);
  const shared = [even, ...(steps > 0 ? sharings(gaps, steps).map((s) => s.map((n) => n / steps)) : [])];
  // The board is the same from either end: of an order and its mirror one is enough.
  const half = orders(row.length).filter((order) => order[0]! <= order.at(-1)!);
  const tried = half.flatMap((order) => {
    const boxes = order.map((i) => row[i]!);
    return shared.map((shares) => {
      const fromMm = placesMm(shelf.lengthMm, boxes, shares);
      return { order, fromMm, sagMm: bentUnder(shelf, boxes, fromMm).sagMm };
    });
  });
  const { order, fromMm } = tried.reduce((a, b) => (b.sagMm < a.sagMm - 1e-9 ? b : a));
  return { order, fromMm };
}
export const leastSag = remembering(leastOf);
