import { drawTaste, fillNode } from "./fill";
import { type Pool, poolArea, poolOf } from "./pool";
import { anneal } from "./search";
import { type Costed, compareCosted, goOn } from "./start";
import { eachPart, freeNode, type Kind, type Stock } from "./tree";

/* How much is tried, found by trial on `npm run bench:nest`. */

/** Parts that one sheet may choose from: the largest that are left, and others by chance. */
const CHOICE = { largest: 10, all: 100 } as const;
/** Changes by which one sheet is made better, and how willing they are to lose ground. */
const CHANGES = { steps: 100, hot: 0.1, cold: 0.005 } as const;
/** Parts for so many of the largest sheets are left for the end, to be packed in one go, and how often that is tried. */
const REST_SHEETS = 4;
const REST_TRIES = 12;

/** Draws parts for one sheet to choose from. */
function draw(left: readonly number[], random: () => number): Pool {
  const pieces = left.flatMap((n, kind) => Array.from({ length: n }, () => kind));
  const some = left.map(() => 0);
  // Kinds come largest first.
  for (let i = 0; i < Math.min(CHOICE.all, pieces.length); i++) {
    if (i >= CHOICE.largest) {
      const at = i + Math.floor(random() * (pieces.length - i));
      [pieces[i], pieces[at]] = [pieces[at]!, pieces[i]!];
    }
    some[pieces[i]!]!++;
  }
  return poolOf(some);
}

/**
 * A layout made sheet after sheet, each changed until little of it is free, for jobs too large to be changed as a whole.
 * Free offcuts come first, then what is cheapest for its area.
 * @param stopped true leaves the rest to be packed as it comes
 */
export function sheetBySheet(
  kinds: Kind[],
  counts: readonly number[],
  stocks: Stock[],
  random: () => number,
  stopped: () => boolean,
): Costed {
  const left = [...counts];
  const sheets: Costed["sheets"] = [];
  let cost = 0;
  const largest = Math.max(0, ...stocks.filter((s) => s.price > 0).map((s) => s.w * s.h));
  const dear = (stock: number) => stocks[stock]!.price / (stocks[stock]!.w * stocks[stock]!.h);
  const order = stocks.map((_, i) => i).sort((a, b) => dear(a) - dear(b));
  for (const stock of order) {
    const { w, h, price, count } = stocks[stock]!;
    for (let n = 0; n < count && !stopped(); n++) {
      if (price > 0 && poolArea(kinds, { left }) < REST_SHEETS * largest) break;
      const pool = draw(left, random);
      const root = freeNode(w, h);
      fillNode(root, kinds, pool, drawTaste(random), random);
      anneal({ sheets: [{ stock, root }], pool }, kinds, { ...CHANGES, stopped }, random);
      if (root.parts === 0) break;
      eachPart(root, (kind) => left[kind]!--);
      sheets.push({ stock, root });
      cost += price;
    }
  }
  const packed = { sheets, pool: poolOf(left), cost };
  return Array.from({ length: REST_TRIES }, () => goOn(packed, kinds, stocks, random)).reduce((best, tried) =>
    compareCosted(kinds, tried, best) < 0 ? tried : best,
  );
}
