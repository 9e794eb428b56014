import { cutNode, type Kind, type Node, recount } from "./tree";

/** How one fill ranks parts and splits; drawn anew for every fill. */
export interface Taste {
  area: number;
  exact: number;
  shortSide: number;
  noise: number;
  /** Above 0.5 the split keeps the larger of the two rests in one piece. */
  keepLarge: number;
}

/** A taste drawn at random. */
export const drawTaste = (random: () => number): Taste => ({
  area: 0.4 + 1.6 * random(),
  exact: 0.9 * random(),
  shortSide: 0.8 * random(),
  noise: random() < 0.25 ? 0 : 0.5 * random(),
  keepLarge: random() < 0.6 ? 1 : random(),
});

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

/**
 * Fills a free leaf by edge-to-edge cuts: the smallest free rectangle first, with the part that suits it best by taste.
 * Takes what it places out of `left`; the node's counts are right afterwards, its parents' are not.
 */
export function fillNode(node: Node, kinds: Kind[], left: number[], taste: Taste, random: () => number): void {
  const open: number[] = [];
  for (let k = 0; k < kinds.length; k++) if (left[k]! > 0) open.push(k);
  const free = [node];
  while (free.length > 0 && open.length > 0) {
    const at = takeSmallest(free);
    const { w: freeW, h: freeH } = at;
    const perArea = taste.area / (freeW * freeH);
    let best = -1;
    let turned = false;
    let bestScore = Number.NEGATIVE_INFINITY;
    for (let i = 0; i < open.length; i++) {
      const kind = kinds[open[i]!]!;
      const turns = kind.rotate && kind.w !== kind.h ? 2 : 1;
      for (let turn = 0; turn < turns; turn++) {
        const restW = freeW - (turn === 0 ? kind.w : kind.h);
        const restH = freeH - (turn === 0 ? kind.h : kind.w);
        if (restW < 0 || restH < 0) continue;
        const score =
          perArea * kind.area +
          (restW === 0 ? taste.exact : 0) +
          (restH === 0 ? taste.exact : 0) -
          taste.shortSide * Math.min(restW / freeW, restH / freeH) +
          (taste.noise === 0 ? 0 : taste.noise * random());
        if (score > bestScore) {
          bestScore = score;
          best = i;
          turned = turn === 1;
        }
      }
    }
    if (best < 0) continue;
    const k = open[best]!;
    if (--left[k]! === 0) {
      open[best] = open[open.length - 1]!;
      open.pop();
    }
    placeInCorner(at, kinds[k]!, k, turned, random() < taste.keepLarge, free);
  }
  recount(node);
}

/** Puts a part into a free leaf's corner and cuts the rest off; the new free leaves go into the list. */
function placeInCorner(at: Node, part: Kind, kind: number, rotated: boolean, keepLarge: boolean, free: Node[]): void {
  const w = rotated ? part.h : part.w;
  const h = rotated ? part.w : part.h;
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
  corner.part = kind;
  corner.rotated = rotated;
}
