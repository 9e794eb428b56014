import { atLeast, atMost } from "../units/tolerance";

/** A rectangle's two sides, mm, in either order. */
export type Sides = readonly [number, number];

/**
 * Whether a rectangle goes through a rectangular hole, tilted in the hole's plane if need be (source: carver-1957).
 * Upright it goes where both sides do. Tilted, a piece p × q (p ≥ q) longer than a hole P × Q (P ≥ Q) goes where q ≤ Q and
 * Q ≥ (2·p·q·P + (p² − q²)·√(p² + q² − P²)) / (p² + q²).
 * @example
 * goesThrough([480, 10], [400, 310]); // true
 */
export function goesThrough(piece: Sides, hole: Sides): boolean {
  const [q, p] = [...piece].sort((a, b) => a - b) as [number, number];
  const [high, wide] = [...hole].sort((a, b) => a - b) as [number, number];
  if (!atMost(q, high)) return false;
  if (atMost(p, wide)) return true;
  const square = p ** 2 + q ** 2;
  return atLeast(high, (2 * p * q * wide + (p ** 2 - q ** 2) * Math.sqrt(square - wide ** 2)) / square);
}

/**
 * Whether a box goes through a hole with its smallest section first. How it turns once it is inside is not reckoned.
 * @param sizesMm the box's three sides, in any order
 */
export function boxGoesThrough(sizesMm: readonly [number, number, number], hole: Sides): boolean {
  const [thin, middle] = [...sizesMm].sort((a, b) => a - b) as [number, number, number];
  return goesThrough([thin, middle], hole);
}
