import type { CoveringMaster } from "../linear/master";
import { drawTaste, fillNode } from "./fill";
import { poolOf } from "./pool";
import type { Layout } from "./search";
import { clear, copyTree, eachPart, freeNode, type Kind, type Node, recount, type Stock } from "./tree";

/** A way to cut one sheet. */
export interface Pattern {
  stock: number;
  root: Node;
}

/** A pattern taken at least so much of is taken up whole at once. */
const ALL_BUT_WHOLE = 0.98;
/** A pattern is cut only while so much of its sheet is parts still wanted. */
const WELL_USED = 0.6;
/** Of those taken at least so much of, this many at once. */
const MOSTLY = 0.6;
const AT_ONCE = 3;
/** How much chance there is in which pattern comes next. */
const CHANCE = 0.25;

/** Takes the parts a sheet has too many of off it; `left` is what is still asked for, and is counted down. */
function prune(node: Node, left: number[]): void {
  if (node.first && node.second) {
    prune(node.first, left);
    prune(node.second, left);
  } else if (node.part >= 0 && left[node.part]!-- <= 0) {
    left[node.part]!++;
    clear(node);
  }
}

/**
 * A layout from the patterns of a relaxation: the one taken most is cut, the programme goes on for the rest, and so on
 * while the sheets cost less than a limit. What finds no place is left in the pool.
 * @param programme at its optimum; it is used up
 * @param patterns real ways to cut a sheet, by the programme's columns
 * @param kinds,counts parts, and how many of each are wanted
 * @param below what the sheets must cost less than
 */
export function dive(
  programme: CoveringMaster,
  patterns: readonly Pattern[],
  kinds: Kind[],
  counts: readonly number[],
  stocks: Stock[],
  below: number,
  random: () => number,
): Layout & { cost: number } {
  const left = [...counts];
  const sheets: Layout["sheets"] = [];
  const used = stocks.map(() => 0);
  let cost = 0;
  const affordable = (stock: number) =>
    cost + stocks[stock]!.price < below - 1e-9 && used[stock]! < stocks[stock]!.count;
  /** Share of a pattern that is parts still wanted. */
  const useful = (root: Node): number => {
    const seen = new Map<number, number>();
    let area = 0;
    eachPart(root, (kind) => {
      const n = seen.get(kind) ?? 0;
      seen.set(kind, n + 1);
      if (n < left[kind]!) area += kinds[kind]!.area;
    });
    return area / (root.w * root.h);
  };
  const cut = (column: number): boolean => {
    const { stock, root } = patterns[column]!;
    if (!affordable(stock)) return false;
    const copy = copyTree(root);
    prune(copy, left);
    recount(copy);
    sheets.push({ stock, root: copy });
    used[stock]!++;
    cost += stocks[stock]!.price;
    programme.have(column);
    return true;
  };
  let { taken } = programme.resolve();
  while (left.some((n) => n > 0)) {
    const ranked = [...taken]
      .filter(([column]) => affordable(patterns[column]!.stock) && useful(patterns[column]!.root) > WELL_USED)
      .map(([column, amount]) => ({ column, amount, rank: amount + CHANCE * random() }))
      .sort((a, b) => b.rank - a.rank);
    let cuts = 0;
    for (const { column, amount } of ranked)
      if (cuts === 0 || amount >= ALL_BUT_WHOLE || (cuts < AT_ONCE && amount >= MOSTLY)) cuts += cut(column) ? 1 : 0;
    if (cuts === 0) break;
    taken = programme.resolve().taken;
  }
  const pool = poolOf(left);
  const byArea = stocks.map((s, i) => ({ i, dear: s.price / (s.w * s.h) })).sort((a, b) => a.dear - b.dear);
  for (let next = byArea.find(({ i }) => affordable(i)); next; next = byArea.find(({ i }) => affordable(i))) {
    const stock = stocks[next.i]!;
    const root = freeNode(stock.w, stock.h);
    fillNode(root, kinds, pool, drawTaste(random), random);
    if (root.parts === 0) break;
    sheets.push({ stock: next.i, root });
    used[next.i]!++;
    cost += stock.price;
  }
  return { sheets, pool, cost };
}
