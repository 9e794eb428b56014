import { drawTaste, fillNode } from "./fill";
import { openKinds, type Pool, poolArea, poolOf } from "./pool";
import type { Layout } from "./search";
import { freeNode, type Kind, type Node, type Stock } from "./tree";

/** A layout with what its sheets cost. */
export interface Costed extends Layout {
  cost: number;
}

/** Which is better, negative for the first: what leaves less without a place, then what costs less. */
export const compareCosted = (kinds: readonly Kind[], a: Costed, b: Costed): number =>
  poolArea(kinds, a.pool) - poolArea(kinds, b.pool) || a.cost - b.cost;

/** One randomised packing from nothing: sheet after sheet, each the stock that holds most for its price, free ones first. */
export const start = (kinds: Kind[], counts: number[], stocks: Stock[], random: () => number): Costed =>
  goOn({ sheets: [], pool: poolOf(counts), cost: 0 }, kinds, stocks, random);

/** Adds sheets to a layout until every part has a place, or nothing that is still to be had takes one. */
export function goOn(layout: Costed, kinds: Kind[], stocks: Stock[], random: () => number): Costed {
  let { pool, cost } = layout;
  const sheets = [...layout.sheets];
  const stockLeft = stocks.map((s, i) => s.count - sheets.filter((sheet) => sheet.stock === i).length);
  // Each try has its own liking for the sizes, some of them all but refused: else the dearer mix hides the cheaper.
  const liking = stocks.map(() => (random() < 0.35 ? 1e-6 : 0.6 + random()));
  while (openKinds(pool).length > 0) {
    let best: { stock: number; value: number; root: Node; pool: Pool } | undefined;
    for (let s = 0; s < stocks.length; s++) {
      if (stockLeft[s]! <= 0) continue;
      const stock = stocks[s]!;
      const trial = poolOf(pool.left);
      const root = freeNode(stock.w, stock.h);
      fillNode(root, kinds, trial, drawTaste(random), random);
      const placed = root.w * root.h - root.free;
      if (placed === 0) continue;
      const value = stock.price === 0 ? 1e30 * (placed / (stock.w * stock.h)) : (placed / stock.price) * liking[s]!;
      if (!best || value > best.value) best = { stock: s, value, root, pool: trial };
    }
    if (!best) break;
    cost += stocks[best.stock]!.price;
    stockLeft[best.stock]!--;
    pool = best.pool;
    sheets.push({ stock: best.stock, root: best.root });
  }
  return { sheets, pool, cost };
}
