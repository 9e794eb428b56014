import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blockOf, merge } from "./blocks";
import { drawTaste, fillNode } from "./fill";
import { mixesBelow } from "./mixes";
import { largestOffcut } from "./offcut";
import { openKinds, poolArea, poolOf, putIn } from "./pool";
import { anneal, copyLayout, HEAT } from "./search";
import { goOn } from "./start";
import { eachPart, freeNode, type Kind, type Node } from "./tree";

const kindArb = fc
  .record({ w: fc.integer({ min: 5, max: 60 }), h: fc.integer({ min: 5, max: 60 }), rotate: fc.boolean() })
  .map((k): Kind => ({ ...k, area: k.w * k.h }));
const kindsArb = fc.array(kindArb, { minLength: 1, maxLength: 10 });
const countsFor = (kinds: Kind[]) => kinds.map((_, i) => 1 + (i % 3));
/** A plain sequence of shares, the same for the same seed. */
const shares = (seed: number) => {
  let x = seed >>> 0 || 1;
  return () => {
    x = (Math.imul(x, 1664525) + 1013904223) >>> 0;
    return x / 2 ** 32;
  };
};

/** What is wrong with a cut tree: halves that do not make up their node, parts that are not their leaf, counts that lie. */
function treeFaults(node: Node, kinds: Kind[]): string[] {
  const { first, second, axis } = node;
  if (first && second) {
    const whole =
      axis === "x"
        ? first.w + second.w === node.w && first.h === node.h && second.h === node.h
        : first.h + second.h === node.h && first.w === node.w && second.w === node.w;
    const told = first.parts + second.parts === node.parts && first.free + second.free === node.free;
    return [
      ...(whole ? [] : ["halves do not make up their node"]),
      ...(told ? [] : ["counts lie"]),
      ...(first.parent === node && second.parent === node ? [] : ["a half has another parent"]),
      ...treeFaults(first, kinds),
      ...treeFaults(second, kinds),
    ];
  }
  if (node.part < 0) return node.kept || node.free === node.w * node.h ? [] : ["a free leaf counts wrong"];
  const kind = kinds[node.part]!;
  const upright = kind.w === node.w && kind.h === node.h;
  const turned = kind.rotate && kind.h === node.w && kind.w === node.h;
  return upright || turned ? [] : ["a part is not its leaf"];
}
const partsIn = (root: Node) => {
  const found: number[] = [];
  eachPart(root, (kind) => found.push(kind));
  return found;
};

describe("filling and searching", () => {
  it("keeps every part either in the tree or in the pool, and every node made up of its halves", () => {
    fc.assert(
      fc.property(kindsArb, fc.integer({ min: 1, max: 1e6 }), (kinds, seed) => {
        const random = shares(seed);
        const counts = countsFor(kinds);
        const pool = poolOf(counts);
        const sheets = [0, 1].map(() => ({ stock: 0, root: freeNode(90, 70) }));
        for (const { root } of sheets) fillNode(root, kinds, pool, drawTaste(random), random);
        const layout = { sheets, pool };
        const before = poolArea(kinds, pool);
        const copy = copyLayout(layout);
        const after = anneal(layout, kinds, { ...HEAT, steps: 300, stopped: () => false }, random);
        expect(after).toBeLessThanOrEqual(before);
        const placed = counts.map(() => 0);
        for (const { root } of layout.sheets) {
          expect(treeFaults(root, kinds)).toEqual([]);
          for (const kind of partsIn(root)) placed[kind]!++;
        }
        expect(placed.map((n, i) => n + layout.pool.left[i]!)).toEqual(counts);
        // The copy was made before, and knows nothing of it.
        expect(poolArea(kinds, copy.pool)).toBe(before);
      }),
      { numRuns: 120 },
    );
  });

  it("stops at once when it is told to", () => {
    const kinds: Kind[] = [{ w: 50, h: 50, area: 2500, rotate: false }];
    const layout = { sheets: [{ stock: 0, root: freeNode(60, 60) }], pool: poolOf([3]) };
    let asked = 0;
    anneal(layout, kinds, { ...HEAT, steps: 1e9, stopped: () => ++asked > 2 }, shares(1));
    expect(asked).toBe(3);
  });
});

describe("joining parts beforehand", () => {
  it("loses no area, fits what it must fit, and wastes no more than it may", () => {
    fc.assert(
      fc.property(kindsArb, fc.integer({ min: 1, max: 1e6 }), (kinds, seed) => {
        const blocks = merge(kinds.map(blockOf), 120, 90, 0.1, shares(seed));
        expect(blocks.reduce((sum, b) => sum + b.area, 0)).toBe(kinds.reduce((sum, k) => sum + k.area, 0));
        for (const block of blocks) {
          if (block.kind >= 0) continue;
          expect(block.w).toBeLessThanOrEqual(120);
          expect(block.h).toBeLessThanOrEqual(90);
          expect(1 - block.area / (block.w * block.h)).toBeLessThanOrEqual(0.1);
        }
      }),
    );
  });

  it("finds four quarters of one sheet, whose first cut runs past no part's full length", () => {
    const quarters: Kind[] = [
      { w: 30, h: 40, area: 1200, rotate: false },
      { w: 50, h: 40, area: 2000, rotate: false },
      { w: 45, h: 30, area: 1350, rotate: false },
      { w: 35, h: 30, area: 1050, rotate: false },
    ];
    expect(merge(quarters.map(blockOf), 80, 70, 0.001, shares(3))).toMatchObject([{ w: 80, h: 70, area: 5600 }]);
  });
});

describe("mixes of sheets", () => {
  const stocks = [
    { w: 10, h: 10, price: 62, count: Number.MAX_SAFE_INTEGER },
    { w: 5, h: 5, price: 18.5, count: 2 },
    { w: 4, h: 4, price: 0, count: 1 },
  ];
  it("are cheaper than the best, hold the parts, respect what there is, and take every free offcut", () => {
    const mixes = mixesBelow(stocks, 130, 186, 0);
    expect(mixes.length).toBeGreaterThan(0);
    for (const { sheets, cost, area } of mixes) {
      expect(cost).toBeLessThan(186);
      expect(area).toBeGreaterThanOrEqual(130);
      expect(sheets.filter((s) => s === 2)).toHaveLength(1);
      expect(sheets.filter((s) => s === 1).length).toBeLessThanOrEqual(2);
    }
    // 62 + 2 × 18.5 gives 100 + 50 + 16 = 166; one large and the offcut alone only 116.
    expect(mixes.map((m) => m.cost).sort((a, b) => a - b)[0]).toBe(62 + 18.5);
  });
  it("are none below what is proved", () => expect(mixesBelow(stocks, 130, 80.5, 80.5)).toEqual([]));
});

it("goes on with the sheets still to be had, and no more of them", () => {
  const kinds: Kind[] = [{ w: 5, h: 5, area: 25, rotate: false }];
  const stocks = [
    { w: 10, h: 10, price: 62, count: 1 },
    { w: 5, h: 5, price: 18.5, count: 2 },
  ];
  const used = { sheets: [{ stock: 0, root: freeNode(10, 10) }], pool: poolOf([3]), cost: 62 };
  const { sheets, pool, cost } = goOn(used, kinds, stocks, shares(1));
  expect(sheets.map((s) => s.stock)).toEqual([0, 1, 1]);
  expect(pool.left).toEqual([1]);
  expect(cost).toBe(62 + 2 * 18.5);
  expect(used.sheets).toHaveLength(1);
});

describe("the pool", () => {
  it("lists what it holds, also what comes back", () => {
    const pool = poolOf([0, 2, 1]);
    pool.left[2]!--;
    expect(openKinds(pool)).toEqual([1]);
    putIn(pool, 2);
    putIn(pool, 0);
    expect(openKinds(pool).sort()).toEqual([0, 1, 2]);
  });
});

it("an offcut counts only where both sides are long enough, and not on a sheet that is not used", () => {
  const root = freeNode(100, 50);
  const kinds: Kind[] = [{ w: 60, h: 50, area: 3000, rotate: false }];
  const pool = poolOf([1]);
  fillNode(root, kinds, pool, { ...drawTaste(shares(1)), sums: 0, merge: 0 }, shares(1));
  const layout = {
    sheets: [
      { stock: 0, root },
      { stock: 0, root: freeNode(100, 50) },
    ],
    pool,
  };
  expect(largestOffcut(layout, 40)).toBe(40 * 50);
  expect(largestOffcut(layout, 41)).toBe(0);
});
