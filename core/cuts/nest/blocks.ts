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
});

/** A block lying the other way. */
function turn(block: Block): Block {
  return {
    ...block,
    w: block.h,
    h: block.w,
    axis: block.axis === "x" ? "y" : "x",
    a: block.a && turn(block.a),
    b: block.b && turn(block.b),
  };
}

const join = (a: Block, b: Block, axis: "x" | "y"): Block => ({
  w: axis === "x" ? a.w + b.w : Math.max(a.w, b.w),
  h: axis === "x" ? Math.max(a.h, b.h) : a.h + b.h,
  area: a.area + b.area,
  rotate: a.rotate && b.rotate,
  kind: -1,
  axis,
  a,
  b,
});

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
    let best: { partner: number; turned: boolean; axis: "x" | "y" } | undefined;
    let least = waste;
    for (let i = 0; i < blocks.length; i++) {
      if (i === at) continue;
      const other = blocks[i]!;
      for (let t = 0; t < (other.rotate && other.w !== other.h ? 2 : 1); t++) {
        const [ow, oh] = t === 0 ? [other.w, other.h] : [other.h, other.w];
        const area = one.area + other.area;
        const [bw, bh] = [one.w + ow, Math.max(one.h, oh)];
        if (bw <= w && bh <= h) {
          const lost = 1 - area / (bw * bh) + 0.3 * waste * random();
          if (lost < least) {
            least = lost;
            best = { partner: i, turned: t === 1, axis: "x" };
          }
        }
        const [sw, sh] = [Math.max(one.w, ow), one.h + oh];
        if (sw <= w && sh <= h) {
          const lost = 1 - area / (sw * sh) + 0.3 * waste * random();
          if (lost < least) {
            least = lost;
            best = { partner: i, turned: t === 1, axis: "y" };
          }
        }
      }
    }
    if (!best) {
      done.push(one);
      blocks[at] = blocks[blocks.length - 1]!;
      blocks.pop();
      continue;
    }
    const other = blocks[best.partner]!;
    blocks[at] = join(one, best.turned ? turn(other) : other, best.axis);
    blocks[best.partner] = blocks[blocks.length - 1]!;
    blocks.pop();
  }
  return [...done, ...blocks];
}

/** Lays a block out in a free leaf of its own size; what its joins leave over goes into the list. */
export function layOut(node: Node, block: Block, turned: boolean, free: Node[], place: (kind: number) => void): void {
  const it = turned ? turn(block) : block;
  if (!it.a || !it.b) {
    node.part = it.kind;
    place(it.kind);
    return;
  }
  cutNode(node, it.axis, it.axis === "x" ? it.a.w : it.a.h);
  for (const [child, inner] of [
    [node.first!, it.a],
    [node.second!, it.b],
  ] as const) {
    let leaf = child;
    const [across, size] = it.axis === "x" ? (["y", inner.h] as const) : (["x", inner.w] as const);
    if ((across === "y" ? child.h : child.w) > size) {
      cutNode(child, across, size);
      free.push(child.second!);
      leaf = child.first!;
    }
    layOut(leaf, inner, false, free, place);
  }
}
