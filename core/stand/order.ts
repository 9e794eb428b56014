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

/** Where each box begins, from the left end: the room left over is shared out evenly between and beside them, mm. */
export function placesMm(lengthMm: number, row: readonly Standing[]): number[] {
  const gapMm = Math.max(0, lengthMm - row.reduce((sum, b) => sum + b.widthMm, 0)) / (row.length + 1);
  let at = gapMm;
  return row.map(({ widthMm }) => {
    const from = at;
    at += widthMm + gapMm;
    return from;
  });
}

/** Brackets evenly between the outermost, from the left end, mm. */
export const bracketsAt = (lengthMm: number, count: number, fromEndMm: number): number[] =>
  Array.from({ length: count }, (_, i) => fromEndMm + ((lengthMm - 2 * fromEndMm) * i) / (count - 1));

/** How the shelf bends, in years, with its boxes in that order. */
export function bentUnder(shelf: Shelf, row: readonly Standing[]): Bent {
  const from = placesMm(shelf.lengthMm, row);
  const stiffness = shelf.elasticMPa * rectangleInertiaMm4(shelf.depthMm, shelf.thicknessMm);
  const bent = bend(
    shelf.lengthMm,
    shelf.bracketsMm,
    stiffness,
    row.map(({ widthMm, kg }, i) => ({
      fromMm: from[i]!,
      toMm: Math.min(shelf.lengthMm, from[i]! + widthMm),
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

/** The order in which the shelf bends the least, of all; by their places in the row given. */
function leastOf(shelf: Shelf, row: readonly Standing[]): number[] {
  const tried = orders(row.length).map((order) => ({
    order,
    sagMm: bentUnder(
      shelf,
      order.map((i) => row[i]!),
    ).sagMm,
  }));
  return tried.reduce((a, b) => (b.sagMm < a.sagMm - 1e-9 ? b : a)).order;
}
export const leastSag = remembering(leastOf);
