import { type Block, blockOf, layOut, merge } from "./blocks";
import { openKinds, type Pool } from "./pool";
import { cutNode, type Kind, type Node, recount } from "./tree";

/** How one fill ranks parts and splits; drawn anew for every fill. */
export interface Taste {
  area: number;
  exact: number;
  shortSide: number;
  noise: number;
  /** Above 0.5 the split keeps the larger of the two rests in one piece. */
  keepLarge: number;
  /** How often a free rectangle is first cut at the sum of several parts' sizes. */
  sums: number;
  /** Share of a join that may be lost where parts are joined before they are placed; nought to place them singly. */
  merge: number;
}

/** A taste drawn at random; the spans were found by trial on the benchmark. */
export const drawTaste = (random: () => number): Taste => ({
  area: 0.4 + 1.6 * random(),
  exact: 0.9 * random(),
  shortSide: 1.4 * random(),
  noise: random() < 0.25 ? 0 : 0.8 * random(),
  keepLarge: random() < 0.6 ? 1 : random(),
  sums: random() < 0.4 ? 0 : 0.2,
  merge: random() < 0.3 ? 0 : 0.002 + 0.12 * random() ** 2,
});

/** Joining looks at every two pieces: of more than this many a few are taken. */
const MOST_JOINED = 16;

/** The smallest free rectangle, taken out of the list. */
function takeSmallest(free: Node[]): Node {
  let at = 0;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < free.length; i++) {
    const area = free[i]!.w * free[i]!.h;
    if (area < least) {
      least = area;
      at = i;
    }
  }
  const node = free[at]!;
  free[at] = free[free.length - 1]!;
  free.pop();
  return node;
}

/** The kinds with some left that fit a node: the others never fit what it is cut into. */
const fitting = ({ w, h }: Node, kinds: readonly Kind[], pool: Pool): number[] =>
  openKinds(pool).filter((k) => {
    const kind = kinds[k]!;
    return (kind.w <= w && kind.h <= h) || (kind.rotate && kind.h <= w && kind.w <= h);
  });

/** What suits a free rectangle best by taste: its place in the list, and whether it lies turned; nothing where none fits. */
function choose(
  at: Node,
  items: readonly { w: number; h: number; area: number; rotate: boolean }[],
  taste: Taste,
  random: () => number,
): { index: number; turned: boolean } | undefined {
  const { w: freeW, h: freeH } = at;
  const perArea = taste.area / (freeW * freeH);
  let index = -1;
  let turned = false;
  let bestScore = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < items.length; i++) {
    const item = items[i]!;
    const turns = item.rotate && item.w !== item.h ? 2 : 1;
    for (let turn = 0; turn < turns; turn++) {
      const restW = freeW - (turn === 0 ? item.w : item.h);
      const restH = freeH - (turn === 0 ? item.h : item.w);
      if (restW < 0 || restH < 0) continue;
      const score =
        perArea * item.area +
        (restW === 0 ? taste.exact : 0) +
        (restH === 0 ? taste.exact : 0) -
        taste.shortSide * Math.min(restW / freeW, restH / freeH) +
        (taste.noise === 0 ? 0 : taste.noise * random());
      if (score > bestScore) {
        bestScore = score;
        index = i;
        turned = turn === 1;
      }
    }
  }
  return index < 0 ? undefined : { index, turned };
}

/**
 * Fills a free leaf by edge-to-edge cuts: the smallest free rectangle first, with the part that suits it best by taste.
 * Takes what it places out of the pool; the node's counts are right afterwards, its parents' are not.
 */
export function fillNode(node: Node, kinds: Kind[], pool: Pool, taste: Taste, random: () => number): void {
  let free = [node];
  if (taste.merge > 0) free = fillJoined(node, kinds, pool, taste, random);
  const { left } = pool;
  const open = fitting(node, kinds, pool);
  const items = open.map((k) => kinds[k]!);
  while (free.length > 0 && open.length > 0) {
    const at = takeSmallest(free);
    if (taste.sums > 0 && random() < taste.sums && cutAtSum(at, items, free, random)) continue;
    const best = choose(at, items, taste, random);
    if (!best) continue;
    const k = open[best.index]!;
    const corner = cutCorner(at, kinds[k]!, best.turned, random() < taste.keepLarge, free);
    corner.part = k;
    if (--left[k]! === 0) {
      open[best.index] = open[open.length - 1]!;
      items[best.index] = items[items.length - 1]!;
      open.pop();
      items.pop();
    }
  }
  recount(node);
}

/** Fills a leaf with parts joined beforehand; answers what is still free. */
function fillJoined(node: Node, kinds: Kind[], pool: Pool, taste: Taste, random: () => number): Node[] {
  const pieces: Block[] = [];
  for (const kind of fitting(node, kinds, pool))
    for (let n = Math.min(pool.left[kind]!, 6); n > 0; n--) pieces.push(blockOf(kinds[kind]!, kind));
  while (pieces.length > MOST_JOINED) {
    pieces[Math.floor(random() * pieces.length)] = pieces[pieces.length - 1]!;
    pieces.pop();
  }
  const blocks = merge(pieces, node.w, node.h, taste.merge, random);
  const free = [node];
  const passed: Node[] = [];
  while (free.length > 0 && blocks.length > 0) {
    const at = takeSmallest(free);
    const best = choose(at, blocks, taste, random);
    if (!best) {
      passed.push(at);
      continue;
    }
    const block = blocks[best.index]!;
    blocks[best.index] = blocks[blocks.length - 1]!;
    blocks.pop();
    const corner = cutCorner(at, block, best.turned, random() < taste.keepLarge, free);
    layOut(corner, block, best.turned, free, (kind) => pool.left[kind]!--);
  }
  return [...free, ...passed];
}

/**
 * Cuts a free leaf where two or three of the open parts would end side by side. Cuts at single parts' edges alone never
 * reach a sheet whose first cut runs past no part's full length.
 */
function cutAtSum(at: Node, items: Kind[], free: Node[], random: () => number): boolean {
  const axis = random() < at.w / (at.w + at.h) ? "x" : "y";
  const room = axis === "x" ? at.w : at.h;
  const across = axis === "x" ? at.h : at.w;
  let sum = 0;
  for (let n = random() < 0.7 ? 2 : 3; n > 0; n--) {
    const kind = items[Math.floor(random() * items.length)]!;
    const turned = kind.rotate && random() < 0.5;
    const [along, high] = (axis === "x") !== turned ? [kind.w, kind.h] : [kind.h, kind.w];
    if (high > across) return false;
    sum += along;
  }
  if (sum >= room) return false;
  cutNode(at, axis, sum);
  free.push(at.first!, at.second!);
  return true;
}

/** Cuts a leaf down to what is put into its corner; the new free leaves go into the list. */
function cutCorner(at: Node, item: { w: number; h: number }, turned: boolean, keepLarge: boolean, free: Node[]): Node {
  const [w, h] = turned ? [item.h, item.w] : [item.w, item.h];
  const restW = at.w - w;
  const restH = at.h - h;
  // Along x first leaves a rest as high as the leaf; along y first one as wide.
  const larger = Math.max(restW * at.h, w * restH) >= Math.max(restH * at.w, restW * h);
  const xFirst = larger === keepLarge;
  let corner = at;
  for (const axis of xFirst ? (["x", "y"] as const) : (["y", "x"] as const)) {
    if ((axis === "x" ? restW : restH) === 0) continue;
    cutNode(corner, axis, axis === "x" ? w : h);
    free.push(corner.second!);
    corner = corner.first!;
  }
  return corner;
}
