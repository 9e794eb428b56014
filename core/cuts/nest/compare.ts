import type { NestInstance, NestSolution } from "./format";

/** What an answer comes to: how many pieces found no place, what its sheets cost, its largest offcut in mm². */
export interface Worth {
  unplaced: number;
  cost: number;
  offcutMm2: number;
}

export const worthOf = (instance: NestInstance, solution: NestSolution): Worth => ({
  unplaced: solution.unplaced.reduce((n, u) => n + u.qty, 0),
  cost: solution.sheets.reduce((sum, sheet) => sum + instance.stock.find((s) => s.id === sheet.stock)!.price, 0),
  offcutMm2: Math.max(0, ...solution.sheets.flatMap((s) => s.offcuts.map((o) => o.w * o.h))),
});

/** Less than nought when `a` is the better answer: more placed, then cheaper, then with the larger offcut. */
export const compareWorth = (a: Worth, b: Worth): number =>
  a.unplaced - b.unplaced ||
  (Math.abs(a.cost - b.cost) > 1e-9 ? a.cost - b.cost : 0) ||
  (Math.abs(a.offcutMm2 - b.offcutMm2) > 1 ? b.offcutMm2 - a.offcutMm2 : 0);
