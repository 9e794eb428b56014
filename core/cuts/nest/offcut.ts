import { drawTaste, fillNode } from "./fill";
import { putIn } from "./pool";
import { anneal, copyLayout, type Layout, type Schedule } from "./search";
import { cutNode, eachPart, freeNode, type Kind, type Node, recount, type Stock } from "./tree";

/** Leaves of a tree that hold nothing, the kept one among them. */
function emptyLeaves(node: Node): Node[] {
  if (node.first && node.second) return [...emptyLeaves(node.first), ...emptyLeaves(node.second)];
  return node.part < 0 ? [node] : [];
}

/** Area of the largest piece left whole with both sides long enough, µm². */
export const largestOffcut = (layout: Layout, minSide: number): number =>
  layout.sheets.reduce(
    (most, { root }) =>
      root.parts === 0
        ? most
        : emptyLeaves(root).reduce((m, n) => (n.w >= minSide && n.h >= minSide ? Math.max(m, n.w * n.h) : m), most),
    0,
  );

/** A sheet with a piece of at least `area` set aside along a side or in a corner; undefined where none would fit. */
function withKept(stock: Stock, area: number, minSide: number, random: () => number): Node | undefined {
  const root = freeNode(stock.w, stock.h);
  const style = random();
  let w: number;
  let h: number;
  if (style < 0.35) [w, h] = [Math.ceil(area / stock.h), stock.h];
  else if (style < 0.7) [w, h] = [stock.w, Math.ceil(area / stock.w)];
  else {
    const least = Math.max(minSide, Math.ceil(area / stock.h));
    if (least >= stock.w) return undefined;
    w = least + Math.floor(random() * (stock.w - least));
    h = Math.ceil(area / w);
  }
  if (w < minSide || h < minSide || w > stock.w || h > stock.h) return undefined;
  const axes = random() < 0.5 ? (["x", "y"] as const) : (["y", "x"] as const);
  let node = root;
  for (const axis of axes) {
    const size = axis === "x" ? stock.w - w : stock.h - h;
    if (size === 0) continue;
    cutNode(node, axis, size);
    node = node.second!;
  }
  node.kept = true;
  recount(root);
  return root;
}

/**
 * One try at the same parts on the same sheets with a larger piece left whole.
 * @param area that the piece must reach, µm²
 * @returns the layout, or undefined where the try failed
 */
export function growOffcut(
  layout: Layout,
  area: number,
  kinds: Kind[],
  stocks: Stock[],
  minSide: number,
  schedule: Schedule,
  random: () => number,
): Layout | undefined {
  const trial = copyLayout(layout);
  // Mostly the sheet with most room, else any: a small sheet's offcut is no rarer a find than a large one's.
  const order = [...trial.sheets].sort((a, b) => b.root.free - a.root.free);
  const sheet = random() < 0.5 ? order[0]! : order[Math.floor(random() * order.length)]!;
  const root = withKept(stocks[sheet.stock]!, area, minSide, random);
  if (!root) return undefined;
  for (const s of trial.sheets) if (s !== sheet) release(s.root);
  eachPart(sheet.root, (kind) => putIn(trial.pool, kind));
  sheet.root = root;
  for (const leaf of emptyLeaves(root)) if (!leaf.kept) fillNode(leaf, kinds, trial.pool, drawTaste(random), random);
  recount(root);
  return anneal(trial, kinds, schedule, random) === 0 ? trial : undefined;
}

/** Lets go of a piece that was kept before. */
function release(root: Node): void {
  for (const leaf of emptyLeaves(root)) leaf.kept = false;
  recount(root);
}
