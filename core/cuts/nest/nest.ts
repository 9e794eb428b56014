import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { areaCost, lowerBound, type Stock } from "./bound";
import { fillSheet, type Kind, type Node, type Taste } from "./fill";
import type { Cut, NestInstance, NestSheet, NestSolution } from "./format";

/** Sizes are searched in whole micrometres, so that fits are exact. */
const UM = 1000;
const um = (mm: number) => Math.round(mm * UM);

/** Tries that are still made for a larger offcut once the cost is proved least. */
const PROVED_TRIES = 400;

/** Tries of the answer that the plan and the tally use: fixed, so that it depends on instance and seed alone. */
export const PLAN_TRIES = 120;

interface Placed {
  stock: number;
  root: Node;
}
interface Attempt {
  sheets: Placed[];
  left: number[];
  cost: number;
  offcut: number;
}

const leaves = (node: Node): Node[] => (node.cut ? [...leaves(node.cut.first), ...leaves(node.cut.second)] : [node]);

/** One randomised packing: sheet after sheet, each the stock that holds most per price. */
function attempt(
  kinds: Kind[],
  counts: number[],
  stocks: Stock[],
  costLimit: number,
  random: () => number,
): Attempt | undefined {
  const left = [...counts];
  const stockLeft = stocks.map((s) => s.count);
  const sheets: Placed[] = [];
  let cost = 0;
  const taste: Taste = {
    area: 1 + random(),
    exact: random() * 0.6,
    shortSide: random() * 0.6,
    noise: random() < 0.2 ? 0 : random() * 0.5,
    keepLarge: random() < 0.7 ? 1 : random(),
  };
  // Each try has its own liking for the stock sizes, some of them all but refused: else the dearer mix hides the cheaper.
  const liking = stocks.map(() => (random() < 0.35 ? 1e-6 : 0.6 + random()));
  while (left.some((n) => n > 0)) {
    let best: { stock: number; value: number; root: Node; left: number[] } | undefined;
    for (let s = 0; s < stocks.length; s++) {
      if (stockLeft[s]! <= 0) continue;
      const stock = stocks[s]!;
      const trial = [...left];
      const { root, placed } = fillSheet(stock.w, stock.h, kinds, trial, taste, random);
      if (placed === 0) continue;
      const value =
        stock.price === 0 ? Number.MAX_VALUE * (placed / (stock.w * stock.h)) : (placed / stock.price) * liking[s]!;
      if (!best || value > best.value) best = { stock: s, value, root, left: trial };
    }
    if (!best) break;
    cost += stocks[best.stock]!.price;
    if (cost > costLimit + 1e-9) return undefined;
    stockLeft[best.stock]!--;
    left.splice(0, left.length, ...best.left);
    sheets.push({ stock: best.stock, root: best.root });
  }
  return { sheets, left, cost, offcut: 0 };
}

/** The cuts of a tree in saw order: a node's own cut, then its two halves; cuts that only shave the kerf's edge left out. */
function cutsOf(node: Node, sheet: { w: number; h: number }, trimMm: number, kerfUm: number): Cut[] {
  if (!node.cut) return [];
  const { axis, first, second } = node.cut;
  const own: Cut = {
    axis,
    at: ((axis === "x" ? second.x : second.y) - kerfUm) / UM + trimMm,
    from: (axis === "x" ? node.y : node.x) / UM + trimMm,
    to:
      Math.min(
        (axis === "x" ? node.y + node.h : node.x + node.w) - kerfUm,
        (axis === "x" ? sheet.h : sheet.w) - kerfUm,
      ) /
        UM +
      trimMm,
  };
  return [own, ...cutsOf(first, sheet, trimMm, kerfUm), ...cutsOf(second, sheet, trimMm, kerfUm)];
}

/** The sentence for a part that no stock can give. */
function whyNot(part: NestInstance["parts"][number], instance: NestInstance): string {
  const usable = instance.stock.map((s) => {
    const trim = 2 * (s.trim ?? instance.trim);
    return { w: s.w - trim, h: s.h - trim };
  });
  if (usable.length === 0) return "there is no stock of this material";
  const fits = usable.some((s) => (part.w <= s.w && part.h <= s.h) || (part.rotate && part.h <= s.w && part.w <= s.h));
  if (fits) return "the stock is used up";
  const turned = usable.some((s) => part.h <= s.w && part.w <= s.h);
  const longest = Math.max(...usable.flatMap((s) => [s.w, s.h]));
  if (turned) return "its grain locks it the wrong way for any stock";
  return Math.max(part.w, part.h) > longest ? "longer than any stock" : "wider than any stock";
}

/** An instance as the search takes it: whole micrometres, the kerf added to parts and sheets alike. */
function inMicrometres(instance: NestInstance) {
  const kerf = um(instance.kerf);
  const trims = instance.stock.map((s) => s.trim ?? instance.trim);
  const kinds: Kind[] = instance.parts.map((p) => ({ w: um(p.w) + kerf, h: um(p.h) + kerf, rotate: p.rotate }));
  const stocks: Stock[] = instance.stock.map((s, i) => ({
    w: um(s.w - 2 * trims[i]!) + kerf,
    h: um(s.h - 2 * trims[i]!) + kerf,
    price: s.price,
    count: s.count ?? Number.MAX_SAFE_INTEGER,
  }));
  return { kerf, trims, kinds, stocks };
}

/** The least any cutting of these parts can cost by their area alone, without nesting them. */
export function areaBound(instance: NestInstance): number {
  const { kinds, stocks } = inMicrometres(instance);
  return areaCost(
    kinds.reduce((sum, k, i) => sum + k.w * k.h * instance.parts[i]!.qty, 0),
    stocks,
  );
}

/**
 * Cuts rectangles from sheets by edge-to-edge cuts, at the least cost found, then with the largest offcut.
 * @param instance parts and stock in millimetres (`formats: panel-nest/1`)
 * @param tries randomised packings to make; fewer when the answer is proved least
 * @param goOn asked between tries; false stops the search with the best so far
 * @returns every placeable part placed, the rest named, with a lower bound on the cost
 */
export function nest(
  instance: NestInstance,
  tries = PLAN_TRIES,
  goOn: (done: number) => boolean = () => true,
): NestSolution {
  const { kerf, trims, kinds, stocks } = inMicrometres(instance);
  const fitsSome = (k: Kind) =>
    stocks.some((s) => s.count > 0 && ((k.w <= s.w && k.h <= s.h) || (k.rotate && k.h <= s.w && k.w <= s.h)));
  const counts = instance.parts.map((p, i) => (fitsSome(kinds[i]!) ? p.qty : 0));
  const bound = lowerBound(kinds, counts, stocks);

  const generator = xoroshiro128plus(instance.seed);
  const random = () => (generator.next() >>> 0) / 2 ** 32;
  const largestStock = Math.max(1, ...stocks.map((s) => s.w * s.h));
  const minSide = um(instance.offcutMinSide) + kerf;
  const keepable = (node: Node) => !node.part && node.w >= minSide && node.h >= minSide;
  let best: Attempt | undefined;
  const missing = (a: Attempt) => a.left.reduce((sum, n) => sum + n, 0);
  const better = (a: Attempt, b: Attempt) =>
    missing(a) - missing(b) || a.cost - b.cost || b.offcut - a.offcut || a.sheets.length - b.sheets.length;
  const proved = () => best !== undefined && missing(best) === 0 && best.cost <= bound.cost + 1e-9;
  for (let i = 0; i < tries && goOn(i); i++) {
    if (i >= PROVED_TRIES && proved()) break;
    const found = attempt(kinds, counts, stocks, best && missing(best) === 0 ? best.cost : Infinity, random);
    if (!found) continue;
    found.offcut =
      Math.max(
        0,
        ...found.sheets.flatMap((s) =>
          leaves(s.root)
            .filter(keepable)
            .map((n) => n.w * n.h),
        ),
      ) / largestStock;
    if (!best || better(found, best) < 0) best = found;
  }

  const sheets = (best?.sheets ?? []).map(({ stock, root }): NestSheet => {
    const trimMm = trims[stock]!;
    const all = leaves(root);
    return {
      stock: instance.stock[stock]!.id,
      parts: all.flatMap((n) => {
        if (!n.part) return [];
        const part = instance.parts[n.part.kind]!;
        const { rotated } = n.part;
        const place = { x: n.x / UM + trimMm, y: n.y / UM + trimMm };
        return [{ partId: part.id, ...place, w: rotated ? part.h : part.w, h: rotated ? part.w : part.h, rotated }];
      }),
      cuts: cutsOf(root, stocks[stock]!, trimMm, kerf),
      offcuts: all
        .filter(keepable)
        .map((n) => ({
          x: n.x / UM + trimMm,
          y: n.y / UM + trimMm,
          w: (n.w - kerf) / UM,
          h: (n.h - kerf) / UM,
        }))
        .sort((a, b) => b.w * b.h - a.w * a.h),
    };
  });
  const unplaced = instance.parts.flatMap((part, i) => {
    const qty = part.qty - counts[i]! + (best?.left[i] ?? counts[i]!);
    return qty > 0 ? [{ partId: part.id, qty, why: whyNot(part, instance) }] : [];
  });
  return { sheets, unplaced, bound };
}
