import type { CornerCut } from "../ledgers/ledger";
import type { Point } from "../shell/space";

/**
 * The outline of a part as it lies on its sheet, with its corners cut out: a rectangle where it has none.
 * @param w,h as it lies, mm
 * @param corners what is cut out of the part
 * @param isTurned whether its length lies along `h`: it is then turned by a quarter, not turned over
 * @returns corners in order, mm from where the part begins
 */
export function partOutline(w: number, h: number, corners: CornerCut | undefined, isTurned: boolean): Point[] {
  const [length, width] = isTurned ? [h, w] : [w, h];
  const points = corners ? notched(length, width, corners) : square(length, width);
  return isTurned ? points.map(([along, across]): Point => [across, h - along]) : points;
}

/** From the far long side on, which is where the first corners are cut: names stand at the near one. */
const square = (length: number, width: number): Point[] => [
  [0, width],
  [length, width],
  [length, 0],
  [0, 0],
];

/** The outline of the part itself. */
function notched(length: number, width: number, { count, lengthMm: a, widthMm: b }: CornerCut): Point[] {
  const notches: Point[][] = [
    [
      [0, width - b],
      [a, width - b],
      [a, width],
    ],
    [
      [length - a, width],
      [length - a, width - b],
      [length, width - b],
    ],
    [
      [length, b],
      [length - a, b],
      [length - a, 0],
    ],
    [
      [a, 0],
      [a, b],
      [0, b],
    ],
  ];
  return square(length, width).flatMap((corner, i) => (i < count ? notches[i]! : [corner]));
}

/** Which corners are cut out, in words. */
export const cornerWords: Record<CornerCut["count"], string> = {
  1: "one corner",
  2: "both corners of one long side",
  4: "all four corners",
};

/**
 * A hole drilled where two cuts meet inside a board, mm: from a sharp corner it tears. Common practice, no source; the size
 * is from memory.
 */
export const CORNER_DRILL_MM = 6;
