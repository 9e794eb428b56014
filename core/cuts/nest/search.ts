import { drawTaste, fillNode } from "./fill";
import { type Pool, poolArea, poolOf, putIn } from "./pool";
import { clear, copyTree, eachPart, freeNode, type Kind, type Node, type Stock, tellParents } from "./tree";

/** Sheets with their cut trees, and the parts that found no place. */
export interface Layout {
  sheets: { stock: number; root: Node }[];
  pool: Pool;
}

/** A layout that shares nothing with another. */
export const copyLayout = ({ sheets, pool }: Layout): Layout => ({
  sheets: sheets.map(({ stock, root }) => ({ stock, root: copyTree(root) })),
  pool: poolOf(pool.left),
});

/** What a change of a subtree was, so that it can be taken back. */
interface Undo {
  node: Node;
  before: Node;
}

/** Empties a node into the pool; remembers what it was. */
function ruin(node: Node, pool: Pool): Undo {
  eachPart(node, (kind) => putIn(pool, kind));
  const before = { ...node };
  clear(node);
  return { node, before };
}

/** Puts a node back as it was, its parts out of the pool and the new ones into it. */
function restore({ node, before }: Undo, pool: Pool): void {
  eachPart(node, (kind) => putIn(pool, kind));
  Object.assign(node, before);
  if (node.first) node.first.parent = node;
  if (node.second) node.second.parent = node;
  eachPart(node, (kind) => pool.left[kind]!--);
}

/** Walks from a sheet's root towards where room is left, down to a subtree of `size` parts or fewer. */
function pickNode(root: Node, size: number, random: () => number): Node {
  let node = root;
  while (node.first && node.second && node.parts > size) {
    const { first, second } = node;
    // Room draws, but not alone: what is full must be able to change too.
    const a = first.kept ? 0 : first.free / (node.free + 1) + 0.5 * (first.parts / node.parts);
    const b = second.kept ? 0 : second.free / (node.free + 1) + 0.5 * (second.parts / node.parts);
    node = random() * (a + b) < a ? first : second;
  }
  return node;
}

const holdsKept = (node: Node): boolean =>
  node.kept || (node.first !== null && (holdsKept(node.first) || holdsKept(node.second!)));

const isUnder = (node: Node, above: Node): boolean => {
  for (let up: Node | null = node; up; up = up.parent) if (up === above) return true;
  return false;
};

/** Chooses a sheet, one with more room more often. */
function pickSheet(layout: Layout, random: () => number): Node {
  const { sheets } = layout;
  if (random() < 0.3) return sheets[Math.floor(random() * sheets.length)]!.root;
  let total = 0;
  for (const { root } of sheets) total += root.free;
  let at = random() * total;
  for (const { root } of sheets) {
    at -= root.free;
    if (at <= 0) return root;
  }
  return sheets[sheets.length - 1]!.root;
}

/** How a search goes: how many changes, and how willing it is to lose ground at first and at last, in mean part areas. */
export interface Schedule {
  steps: number;
  hot: number;
  cold: number;
  /** Asked now and then; true breaks off, with the layout as it stands. */
  stopped: () => boolean;
}

/** How large a piece of a layout is taken up at a time: found by trial on the benchmark. */
const TAKE = {
  /** Share of changes that take up two pieces, so that parts can change places. */
  two: 0.55,
  /** Share of pieces of any size up to a whole sheet; the others hold this many parts at most, mostly few. */
  any: 0.35,
  few: 14,
} as const;

/** How many parts the next piece may hold. */
const pieceSize = (root: Node, random: () => number): number =>
  random() < TAKE.any ? 2 + Math.floor(random() * root.parts) : 2 + Math.floor((TAKE.few - 2) * random() * random());

/** Changes between two looks at the clock. */
const LOOK_EVERY = 128;

/** How willing a search is to lose ground, in mean part areas: found by trial on the benchmark. */
export const HEAT = { hot: 0.25, cold: 0.01 } as const;

/**
 * Ruins subtrees of the cut trees and fills them anew, annealed on the area of the parts without a place.
 * Changes the layout in place; stops once every part has one.
 * @returns the least pool area seen, µm²; nought when all parts are placed
 */
export function anneal(layout: Layout, kinds: Kind[], schedule: Schedule, random: () => number): number {
  const { pool } = layout;
  let area = poolArea(kinds, pool);
  let least = area;
  if (area === 0 || layout.sheets.length === 0) return area;
  const placed = layout.sheets.reduce((sum, s) => sum + s.root.parts, 0);
  const waiting = pool.left.reduce((a, b) => a + b, 0);
  const filled = layout.sheets.reduce((sum, s) => sum + s.root.w * s.root.h - s.root.free, 0);
  const mean = (area + filled) / Math.max(1, placed + waiting);
  const cooling = (schedule.cold / schedule.hot) ** (1 / Math.max(1, schedule.steps));
  let heat = schedule.hot * mean;
  const anyKept = layout.sheets.some(({ root }) => holdsKept(root));
  const undos: Undo[] = [];
  for (let step = 0; step < schedule.steps; step++) {
    heat *= cooling;
    if (step % LOOK_EVERY === 0 && schedule.stopped()) break;
    undos.length = 0;
    const wanted = random() < TAKE.two ? 2 : 1;
    for (let n = 0; n < wanted; n++) {
      const root = pickSheet(layout, random);
      const node = pickNode(root, pieceSize(root, random), random);
      const other = undos[0]?.node;
      if ((anyKept && holdsKept(node)) || (other && (isUnder(node, other) || isUnder(other, node)))) continue;
      undos.push(ruin(node, pool));
    }
    if (undos.length === 0) continue;
    if (undos.length === 2 && random() < 0.5) undos.reverse();
    // What a node frees more than before is what the pool has gained.
    let worse = 0;
    for (const { node, before } of undos) {
      fillNode(node, kinds, pool, drawTaste(random), random);
      worse += node.free - before.free;
    }
    if (worse <= 0 || random() < Math.exp(-worse / heat)) {
      for (const { node, before } of undos) tellParents(node, node.parts - before.parts, node.free - before.free);
      area += worse;
      if (area < least) least = area;
      if (area === 0) return 0;
    } else for (const undo of undos) restore(undo, pool);
  }
  return least;
}

/**
 * A layout on another mix of sheets, keeping what it can: sheets of the same size stay, fullest first, the parts of the
 * others go into the pool, and new sheets are filled from it.
 * @param mix stock indices, one a sheet
 */
export function onMix(
  layout: Layout,
  mix: readonly number[],
  kinds: Kind[],
  stocks: Stock[],
  random: () => number,
): Layout {
  const copy = copyLayout(layout);
  const spare = [...copy.sheets].sort((a, b) => a.root.free - b.root.free);
  const { pool } = copy;
  const sheets = mix.map((stock): Layout["sheets"][number] => {
    const at = spare.findIndex((s) => s.stock === stock);
    if (at >= 0) return spare.splice(at, 1)[0]!;
    return { stock, root: freeNode(stocks[stock]!.w, stocks[stock]!.h) };
  });
  for (const { root } of spare) eachPart(root, (kind) => putIn(pool, kind));
  for (const { root } of sheets) if (root.parts === 0) fillNode(root, kinds, pool, drawTaste(random), random);
  return { sheets, pool };
}
