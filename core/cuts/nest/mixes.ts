import type { Stock } from "./tree";

/** A choice of sheets to try to make do with: stock indices, one a sheet, and what they cost. */
export interface Mix {
  sheets: number[];
  cost: number;
  area: number;
}

const MOST = 400;

/**
 * The choices of sheets cheaper than `below` whose area holds the parts, all free offcuts in each; the roomiest for their
 * cost first. At most a few hundred.
 * @param area of all parts, µm²
 * @param atLeast no mix under this cost can do
 */
export function mixesBelow(stocks: Stock[], area: number, below: number, atLeast: number): Mix[] {
  const free = stocks.flatMap((s, i) => (s.price === 0 ? Array.from({ length: Math.min(s.count, 60) }, () => i) : []));
  const freeArea = free.reduce((sum, i) => sum + stocks[i]!.w * stocks[i]!.h, 0);
  const priced = stocks.map((_, i) => i).filter((i) => stocks[i]!.price > 0);
  const found: Mix[] = [];
  const visit = (at: number, sheets: number[], cost: number, held: number) => {
    if (found.length >= MOST) return;
    if (at === priced.length) {
      if (held >= area && cost >= atLeast - 1e-9 && sheets.length > 0) found.push({ sheets, cost, area: held });
      return;
    }
    const stock = stocks[priced[at]!]!;
    const most = Math.min(stock.count, Math.floor((below - 1e-9 - cost) / stock.price));
    for (let n = Math.max(0, most); n >= 0; n--)
      visit(
        at + 1,
        [...sheets, ...Array.from({ length: n }, () => priced[at]!)],
        cost + n * stock.price,
        held + n * stock.w * stock.h,
      );
  };
  visit(0, free, 0, freeArea);
  return found.filter((m) => m.cost < below - 1e-9).sort((a, b) => b.area - a.area || a.cost - b.cost);
}
