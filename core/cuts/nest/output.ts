import type { Cut, NestInstance, NestSheet, NestSolution } from "./format";
import { type Problem, UM } from "./problem";
import type { Layout } from "./search";
import type { Node } from "./tree";

interface Placed {
  node: Node;
  x: number;
  y: number;
}

/** Leaves with their places on the sheet, µm. */
function leavesOf(node: Node, x = 0, y = 0): Placed[] {
  if (!node.first || !node.second) return [{ node, x, y }];
  const { first, second } = node;
  const [dx, dy] = node.axis === "x" ? [first.w, 0] : [0, first.h];
  return [...leavesOf(first, x, y), ...leavesOf(second, x + dx, y + dy)];
}

/** The cuts of a tree in saw order: a node's own cut, then its two halves. */
function cutsOf(node: Node, sheet: { w: number; h: number }, trimMm: number, kerf: number, x = 0, y = 0): Cut[] {
  const { axis, first, second } = node;
  if (!axis || !first || !second) return [];
  const [dx, dy] = axis === "x" ? [first.w, 0] : [0, first.h];
  const [start, end, far] = axis === "x" ? [y, y + node.h, sheet.h] : [x, x + node.w, sheet.w];
  const own: Cut = {
    axis,
    at: (axis === "x" ? x + dx - kerf : y + dy - kerf) / UM + trimMm,
    from: start / UM + trimMm,
    to: Math.min(end - kerf, far - kerf) / UM + trimMm,
  };
  return [own, ...cutsOf(first, sheet, trimMm, kerf, x, y), ...cutsOf(second, sheet, trimMm, kerf, x + dx, y + dy)];
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

/** A layout in millimetres, with its cuts in order, what is left whole, and what found no place. */
export function solutionOf(
  instance: NestInstance,
  problem: Problem,
  layout: Layout,
  bound: NestSolution["bound"],
): NestSolution {
  const { kerf, minSide, stocks, trimsMm } = problem;
  const pieces = problem.pieces.map((list) => [...list]);
  const sheets = layout.sheets.flatMap(({ stock, root }): NestSheet[] => {
    if (root.parts === 0) return [];
    const trimMm = trimsMm[stock]!;
    const leaves = leavesOf(root);
    return [
      {
        stock: instance.stock[stock]!.id,
        parts: leaves.flatMap(({ node, x, y }) => {
          if (node.part < 0) return [];
          const part = instance.parts[pieces[node.part]!.shift()!]!;
          const w = (node.w - kerf) / UM;
          const rotated = part.rotate && Math.abs(w - part.w) > 1e-6;
          const size = rotated ? { w: part.h, h: part.w } : { w: part.w, h: part.h };
          return [{ partId: part.id, x: x / UM + trimMm, y: y / UM + trimMm, ...size, rotated }];
        }),
        cuts: cutsOf(root, stocks[stock]!, trimMm, kerf),
        offcuts: leaves
          .filter(({ node }) => node.part < 0 && node.w >= minSide && node.h >= minSide)
          .map(({ node, x, y }) => ({
            x: x / UM + trimMm,
            y: y / UM + trimMm,
            w: (node.w - kerf) / UM,
            h: (node.h - kerf) / UM,
          }))
          .sort((a, b) => b.w * b.h - a.w * a.h),
      },
    ];
  });
  const missing = new Map<number, number>();
  for (const list of pieces) for (const part of list) missing.set(part, (missing.get(part) ?? 0) + 1);
  const unplaced = [...missing]
    .sort(([a], [b]) => a - b)
    .map(([i, qty]) => ({ partId: instance.parts[i]!.id, qty, why: whyNot(instance.parts[i]!, instance) }));
  return { sheets, unplaced, bound };
}
