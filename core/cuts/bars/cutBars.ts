import type { NestInstance } from "../nest/format";
import { nest } from "../nest/nest";
import type { BarInstance, BarSolution } from "./format";

/** A bar is a sheet one millimetre high, whatever is trimmed off its ends. */
const HIGH = 1;

/** Bars as the panel search takes them: nothing turns, nothing lies above another. */
function asPanels(instance: BarInstance): NestInstance {
  const { kerf, trim, timeLimitMs, seed } = instance;
  return {
    format: "panel-nest/1",
    dim: 2,
    kerf,
    trim: 0,
    // No offcut of a bar is high enough: the search goes to the cost alone.
    offcutMinSide: HIGH + 1,
    timeLimitMs,
    seed,
    stock: instance.stock.flatMap((s) => {
      const w = s.length - 2 * (s.trim ?? trim);
      return w > 0 ? [{ id: s.id, w, h: HIGH, price: s.price, count: s.count }] : [];
    }),
    parts: instance.parts.map((p) => ({ id: p.id, w: p.length, h: HIGH, qty: p.qty, rotate: false })),
  };
}

/**
 * Cuts lengths from bars at the least cost found, with a lower bound by dual feasible functions, which in one dimension
 * mostly proves it.
 * @param instance `bar-nest/1`, millimetres
 * @param rounds of search at most; fewer once the cost is proved least
 * @param goOn asked between rounds; false stops with the best so far
 * @example
 * const stock = [{ id: "bar", length: 2000, price: 10, count: null }];
 * const parts = [{ id: "rail", length: 900, qty: 3 }];
 * const terms = { kerf: 3, trim: 0, seed: 1, timeLimitMs: 2000 };
 * cutBars({ format: "bar-nest/1", dim: 1, ...terms, stock, parts }).bars.length; // 2
 */
export function cutBars(instance: BarInstance, rounds?: number, goOn?: (done: number) => boolean): BarSolution {
  const panels = asPanels(instance);
  const { sheets, unplaced, bound } = nest(panels, rounds, goOn);
  const longestMm = Math.max(0, ...panels.stock.map((s) => s.w));
  const tooLong = new Set(instance.parts.filter((p) => p.length > longestMm).map((p) => p.id));
  return {
    bars: sheets.map(({ stock, parts }) => ({ stock, parts: parts.map(({ partId }) => ({ partId })) })),
    unplaced: unplaced.map((u) => ({
      ...u,
      why: longestMm > 0 && tooLong.has(u.partId) ? "longer than any stock" : u.why,
    })),
    bound: { cost: bound.cost, bars: bound.sheets, proof: bound.proof },
  };
}
