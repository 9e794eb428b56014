/** One kind of part, in micrometres, kerf already added to both sides. */
export interface Kind {
  w: number;
  h: number;
  rotate: boolean;
}

/** A rectangle of one sheet in the cut tree: cut in two, holding a part, or left over. */
export interface Node {
  x: number;
  y: number;
  w: number;
  h: number;
  cut?: { axis: "x" | "y"; first: Node; second: Node };
  part?: { kind: number; rotated: boolean };
}

/** How one fill ranks parts and splits; drawn anew for every try. */
export interface Taste {
  area: number;
  exact: number;
  shortSide: number;
  noise: number;
  /** Above 0.5 the split keeps the larger of the two rests in one piece. */
  keepLarge: number;
}

interface Choice {
  kind: number;
  rotated: boolean;
  w: number;
  h: number;
}

function bestPart(free: Node, kinds: Kind[], left: number[], taste: Taste, random: () => number): Choice | undefined {
  let best: Choice | undefined;
  let bestScore = -Infinity;
  const freeArea = free.w * free.h;
  for (let kind = 0; kind < kinds.length; kind++) {
    if (left[kind]! <= 0) continue;
    const part = kinds[kind]!;
    for (let turn = 0; turn < (part.rotate && part.w !== part.h ? 2 : 1); turn++) {
      const w = turn === 0 ? part.w : part.h;
      const h = turn === 0 ? part.h : part.w;
      if (w > free.w || h > free.h) continue;
      const restW = free.w - w;
      const restH = free.h - h;
      const score =
        (taste.area * (w * h)) / freeArea +
        (restW === 0 ? taste.exact : 0) +
        (restH === 0 ? taste.exact : 0) -
        taste.shortSide * Math.min(restW / free.w, restH / free.h) +
        taste.noise * random();
      if (score > bestScore) {
        bestScore = score;
        best = { kind, rotated: turn === 1, w, h };
      }
    }
  }
  return best;
}

/** Places a part in a free node's corner and cuts the rest off; answers the new free nodes. */
function place(free: Node, choice: Choice, keepLarge: boolean): Node[] {
  const restW = free.w - choice.w;
  const restH = free.h - choice.h;
  // Cutting along x first leaves a full-height rest at the right; along y first a full-width rest above.
  const xFirst = restW * free.h >= restH * free.w === keepLarge;
  const rests: Node[] = [];
  const split = (node: Node, axis: "x" | "y"): Node => {
    const size = axis === "x" ? choice.w : choice.h;
    if ((axis === "x" ? node.w : node.h) === size) return node;
    const first: Node = axis === "x" ? { ...node, w: size } : { ...node, h: size };
    const second: Node =
      axis === "x" ? { ...node, x: node.x + size, w: node.w - size } : { ...node, y: node.y + size, h: node.h - size };
    node.cut = { axis, first, second };
    rests.push(second);
    return first;
  };
  const corner = split(split(free, xFirst ? "x" : "y"), xFirst ? "y" : "x");
  corner.part = { kind: choice.kind, rotated: choice.rotated };
  return rests;
}

/**
 * Fills one sheet by edge-to-edge cuts, smallest free rectangle first. Takes what it places out of `left`.
 * @returns the cut tree and the area placed, in square micrometres with kerf
 */
export function fillSheet(
  w: number,
  h: number,
  kinds: Kind[],
  left: number[],
  taste: Taste,
  random: () => number,
): { root: Node; placed: number } {
  const root: Node = { x: 0, y: 0, w, h };
  const free = [root];
  let placed = 0;
  while (free.length > 0) {
    let smallest = 0;
    for (let i = 1; i < free.length; i++)
      if (free[i]!.w * free[i]!.h < free[smallest]!.w * free[smallest]!.h) smallest = i;
    const node = free.splice(smallest, 1)[0]!;
    const choice = bestPart(node, kinds, left, taste, random);
    if (!choice) continue;
    left[choice.kind]!--;
    placed += choice.w * choice.h;
    free.push(...place(node, choice, random() < taste.keepLarge));
  }
  return { root, placed };
}
