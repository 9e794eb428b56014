import { type Known, memory, published } from "../figures/figure";
import type { BoardId } from "./names";

const k = (value: number, low: number, high: number): Known => ({ value, low, high, basis: memory });

/** How stiff a board is, GPa, and how much further it bends in years than at once. */
export const BOARDS: Record<BoardId, { elasticGPa: Known; creep: Known }> = {
  timber: { elasticGPa: k(10, 8, 12), creep: k(2, 1.6, 2.5) },
  plywood: { elasticGPa: k(6, 4, 8), creep: k(2, 1.6, 2.5) },
  chipboard: { elasticGPa: k(2, 1.6, 2.8), creep: k(3, 2.5, 4) },
  mdf: { elasticGPa: k(2.5, 2, 3), creep: k(3, 2.5, 4) },
  glass: { elasticGPa: { value: 70, basis: published("en-572-1") }, creep: { value: 1, basis: memory } },
  steel: { elasticGPa: k(200, 190, 210), creep: { value: 1, basis: memory } },
};
