import { type Known, memory } from "../../../figures/figure";
import type { ClearBoxFound as Found } from "./schema";

/** Of a magnet's label at 1 mm apart. From memory. */
const AT_1_MM: Known = { value: 0.25, low: 0.15, high: 0.35, basis: memory };
/** From here on nothing of it is counted, mm (from memory). */
const NOTHING_FROM_MM = 2;

/** What is left of a magnet's pull so far apart: a quarter at 1 mm, and nothing counted from 2 mm (source: door-rules). */
export const pullShare = (apartMm: number): number =>
  apartMm >= NOTHING_FROM_MM
    ? 0
    : apartMm <= 1
      ? 1 - (1 - AT_1_MM.value) * apartMm
      : AT_1_MM.value * (NOTHING_FROM_MM - apartMm);

/** What its magnets hold a door with, N. */
export const magnetsHoldN = ({ door: { magnets } }: Found): number =>
  magnets.count * magnets.pull.value * pullShare(magnets.apart.value);
