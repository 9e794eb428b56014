import { cutNode, type Kind, type Node } from "./tree";

/** Parts put together edge to edge before they are placed: one part, or two blocks side by side. */
export interface Block {
  w: number;
  h: number;
  area: number;
  rotate: boolean;
  /** The part it is; −1 for two blocks. */
  kind: number;
  axis: "x" | "y";
  a: Block | null;
  b: Block | null;
  /** Whether the second lies the other way. */
  isTurned: boolean;
}

export const blockOf = ({ w, h, area, rotate }: Kind, kind: number): Block => ({
  w,
  h,
  area,
  rotate,
  kind,
  axis: "x",
  a: null,
  b: null,
  isTurned: false,
});

const otherAxis = { x: "y", y: "x" } as const;

const join = (a: Block, b: Block, isTurned: boolean, axis: "x" | "y"): Block => {
  const w = isTurned ? b.h : b.w;
  const h = isTurned ? b.w : b.h;
  return {
    w: axis === "x" ? a.w + w : Math.max(a.w, w),
    h: axis === "x" ? Math.max(a.h, h) : a.h + h,
    area: a.area + b.area,
    rotate: a.rotate && b.rotate,
    kind: -1,
    axis,
    a,
    b,
    isTurned,
  };
};

const AXES = ["x", "y"] as const;

/**
 * Puts blocks together in twos, each with the one it wastes least with, while no join wastes more than a share. Reaches
 * layouts whose first cuts run past no single part's edge.
 * @param blocks single parts; used up
 * @param waste share of a join that may be lost
 * @param w,h what a join must fit into
 */
export function merge(blocks: Block[], w: number, h: number, waste: number, random: () => number): Block[] {
  const done: Block[] = [];
  while (blocks.length > 1) {
    const at = Math.floor(random() * blocks.length);
    const one = blocks[at]!;
    let partner = -1;
    let turned = false;
    let axis: "x" | "y" = "x";
    let least = waste;
    for (let i = 0; i < blocks.length; i++) {
      if (i === at) continue;
      const other = blocks[i]!;
      const area = one.area + other.area;
      for (let turns = other.rotate && other.w !== other.h ? 2 : 1; turns > 0; turns--) {
        const isTurned = turns === 2;
        const otherW = isTurned ? other.h : other.w;
        const otherH = isTurned ? other.w : other.h;
        for (const along of AXES) {
          const joinW = along === "x" ? one.w + otherW : Math.max(one.w, otherW);
          const joinH = along === "x" ? Math.max(one.h, otherH) : one.h + otherH;
          if (joinW > w || joinH > h) continue;
          const lost = 1 - area / (joinW * joinH);
          // Chance only where it can matter: most joins lose too much as they are.
          if (lost >= least) continue;
          const ranked = lost + 0.3 * waste * random();
          if (ranked >= least) continue;
          least = ranked;
          partner = i;
          turned = isTurned;
          axis = along;
        }
      }
    }
    if (partner < 0) {
      done.push(one);
      blocks[at] = blocks[blocks.length - 1]!;
      blocks.pop();
      continue;
    }
    const other = blocks[partner]!;
    blocks[at] = join(one, other, turned, axis);
    blocks[partner] = blocks[blocks.length - 1]!;
    blocks.pop();
  }
  return [...done, ...blocks];
}

/** Lays a block out in a free leaf of its own size; what its joins leave over goes into the list. */
export function layOut(node: Node, block: Block, turned: boolean, free: Node[], place: (kind: number) => void): void {
  const { a, b } = block;
  if (!a || !b) {
    node.part = block.kind;
    place(block.kind);
    return;
  }
  const axis = turned ? otherAxis[block.axis] : block.axis;
  cutNode(node, axis, (axis === "x") === turned ? a.h : a.w);
  layOutIn(node.first!, a, turned, axis, free, place);
  layOutIn(node.second!, b, turned !== block.isTurned, axis, free, place);
}

/** Lays a block out in a leaf that may be larger than it across the axis of the cut it came of. */
function layOutIn(
  leaf: Node,
  block: Block,
  turned: boolean,
  axis: "x" | "y",
  free: Node[],
  place: (kind: number) => void,
): void {
  const size = (axis === "x") === turned ? block.w : block.h;
  if ((axis === "x" ? leaf.h : leaf.w) <= size) {
    layOut(leaf, block, turned, free, place);
    return;
  }
  cutNode(leaf, otherAxis[axis], size);
  free.push(leaf.second!);
  layOut(leaf.first!, block, turned, free, place);
}
