import { atLeast } from "../units/tolerance";
import { cornersOf, type Rect } from "./faces";
import type { Point } from "./space";

/** A rectangle as an outline from its lower left corner. */
export const rectangle = (widthMm: number, heightMm: number): Point[] => [
  [0, 0],
  [widthMm, 0],
  [widthMm, heightMm],
  [0, heightMm],
];

/** A wall wider at the rim than at the foot, upright about its middle line; u from the left end of the wider edge. */
export function trapezium(footMm: number, rimMm: number, slopeMm: number): Point[] {
  const widest = Math.max(footMm, rimMm);
  const [foot, rim] = [(widest - footMm) / 2, (widest - rimMm) / 2];
  return [
    [foot, 0],
    [widest - foot, 0],
    [widest - rim, slopeMm],
    [rim, slopeMm],
  ];
}

/** A disc in its square, as a polygon of many sides. */
export function disc(diameterMm: number, sides = 48): Point[] {
  const r = diameterMm / 2;
  return Array.from({ length: sides }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / sides;
    return [r + r * Math.cos(angle), r + r * Math.sin(angle)];
  });
}

/** Area of an outline, mm² (shoelace formula). */
export function areaMm2(outline: readonly Point[]): number {
  let twice = 0;
  outline.forEach(([x, y], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    twice += x * y2 - x2 * y;
  });
  return Math.abs(twice) / 2;
}

/** Centroid of an outline. */
export function centroid(outline: readonly Point[]): Point {
  let twice = 0;
  let [cx, cy] = [0, 0];
  outline.forEach(([x, y], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    const cross = x * y2 - x2 * y;
    twice += cross;
    cx += (x + x2) * cross;
    cy += (y + y2) * cross;
  });
  return [cx / (3 * twice), cy / (3 * twice)];
}

/** The rectangle round an outline. */
export function extent(outline: readonly Point[]): Rect {
  const us = outline.map(([u]) => u);
  const vs = outline.map(([, v]) => v);
  const [uMm, vMm] = [Math.min(...us), Math.min(...vs)];
  return { uMm, vMm, widthMm: Math.max(...us) - uMm, heightMm: Math.max(...vs) - vMm };
}

/** Whether a rectangle lies within a convex outline, touching allowed. */
export const contains = (outline: readonly Point[], rect: Rect): boolean => atLeast(clearance(outline, rect), 0);

/** Least distance from a rectangle's corners to the edges of a convex outline round it, mm; negative where it sticks out. */
export function clearance(outline: readonly Point[], rect: Rect): number {
  const corners = cornersOf(rect);
  let least = Infinity;
  outline.forEach(([x, y], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    const length = Math.hypot(x2 - x, y2 - y);
    for (const [u, v] of corners) least = Math.min(least, ((x2 - x) * (v - y) - (y2 - y) * (u - x)) / length);
  });
  return least;
}

/** The part of an outline at or under a height v on it. */
export function below(outline: readonly Point[], vMm: number): Point[] {
  return outline.flatMap(([x, y], i): Point[] => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    const kept: Point[] = y <= vMm ? [[x, y]] : [];
    // Where the edge crosses the line.
    if ((y < vMm && y2 > vMm) || (y > vMm && y2 < vMm)) kept.push([x + ((x2 - x) * (vMm - y)) / (y2 - y), vMm]);
    return kept;
  });
}
