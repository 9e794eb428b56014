/** One size of part, in whole micrometres, kerf already added to both sides. Equal parts are one kind. */
export interface Kind {
  w: number;
  h: number;
  area: number;
  rotate: boolean;
}

/** A sheet size on hand or to be bought, in whole micrometres: what is usable of it, with the kerf added. */
export interface Stock {
  w: number;
  h: number;
  price: number;
  count: number;
}

/** A rectangle of one sheet in the cut tree: cut in two, holding a part, kept whole, or free. */
export interface Node {
  w: number;
  h: number;
  parent: Node | null;
  /** Cut along x: `first` left of `second`; along y: `first` below it. Null for a leaf. */
  axis: "x" | "y" | null;
  first: Node | null;
  second: Node | null;
  /** Kind of the part it holds; −1 for none. */
  part: number;
  /** Set aside as an offcut: nothing may be put here. */
  kept: boolean;
  /** Parts in it, and area left free in it. */
  parts: number;
  free: number;
}

/** A whole free rectangle. */
export const freeNode = (w: number, h: number, parent: Node | null = null): Node => ({
  w,
  h,
  parent,
  axis: null,
  first: null,
  second: null,
  part: -1,
  kept: false,
  parts: 0,
  free: w * h,
});

/** Makes a node free again, with nothing under it. Parents are not told. */
export function clear(node: Node): void {
  node.axis = node.first = node.second = null;
  node.part = -1;
  node.parts = 0;
  node.free = node.w * node.h;
}

/** Cuts a free leaf in two at `size` along an axis. */
export function cutNode(node: Node, axis: "x" | "y", size: number): void {
  node.axis = axis;
  node.first = axis === "x" ? freeNode(size, node.h, node) : freeNode(node.w, size, node);
  node.second = axis === "x" ? freeNode(node.w - size, node.h, node) : freeNode(node.w, node.h - size, node);
}

/** Counts parts and free area of a node anew from its leaves up. */
export function recount(node: Node): void {
  if (node.first && node.second) {
    recount(node.first);
    recount(node.second);
    node.parts = node.first.parts + node.second.parts;
    node.free = node.first.free + node.second.free;
  } else {
    node.parts = node.part >= 0 ? 1 : 0;
    node.free = node.part >= 0 || node.kept ? 0 : node.w * node.h;
  }
}

/** Tells a node's parents how its counts have changed. */
export function tellParents(node: Node, parts: number, free: number): void {
  for (let up = node.parent; up; up = up.parent) {
    up.parts += parts;
    up.free += free;
  }
}

/** Visits each part under a node. */
export function eachPart(node: Node, visit: (kind: number) => void): void {
  if (node.first && node.second) {
    eachPart(node.first, visit);
    eachPart(node.second, visit);
  } else if (node.part >= 0) visit(node.part);
}

/** A copy of a tree that shares nothing with it. */
export function copyTree(node: Node, parent: Node | null = null): Node {
  const copy: Node = { ...node, parent };
  if (node.first && node.second) {
    copy.first = copyTree(node.first, copy);
    copy.second = copyTree(node.second, copy);
  }
  return copy;
}
