import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cutBars } from "./cutBars";
import type { BarInstance, BarSolution } from "./format";

const job = (lengths: readonly (readonly [number, number])[], more: Partial<BarInstance> = {}): BarInstance => ({
  format: "bar-nest/1",
  dim: 1,
  kerf: 3.2,
  trim: 10,
  timeLimitMs: 2000,
  seed: 1,
  stock: [{ id: "B", length: 6000, price: 20, count: null }],
  parts: lengths.map(([length, qty], i) => ({ id: `P${i}`, length, qty })),
  ...more,
});

/** What is wrong with an answer, told from the format's own rule: lengths + (n − 1)·kerf ≤ length − 2·trim. */
function faults(instance: BarInstance, { bars, unplaced }: BarSolution): string[] {
  const found: string[] = [];
  const placed = new Map<string, number>();
  for (const bar of bars) {
    const stock = instance.stock.find((s) => s.id === bar.stock)!;
    const lengths = bar.parts.map((p) => instance.parts.find((q) => q.id === p.partId)!.length);
    const used = lengths.reduce((a, b) => a + b, 0) + (lengths.length - 1) * instance.kerf;
    if (used > stock.length - 2 * (stock.trim ?? instance.trim) + 1e-6) found.push(`a bar of ${used} is too long`);
    for (const p of bar.parts) placed.set(p.partId, (placed.get(p.partId) ?? 0) + 1);
  }
  for (const part of instance.parts) {
    const out = unplaced.find((u) => u.partId === part.id)?.qty ?? 0;
    if ((placed.get(part.id) ?? 0) + out !== part.qty) found.push(`${part.id} lost or made up`);
  }
  return found;
}

/** Fewest bars by trying every way, for a few pieces. */
function fewest(lengths: number[], room: number, kerf: number): number {
  let best = lengths.length;
  const rests: number[] = [];
  const visit = (i: number) => {
    if (rests.length >= best) return;
    if (i === lengths.length) {
      best = rests.length;
      return;
    }
    const piece = lengths[i]! + kerf;
    for (let b = 0; b < rests.length; b++)
      if (rests[b]! >= piece) {
        rests[b]! -= piece;
        visit(i + 1);
        rests[b]! += piece;
      }
    rests.push(room + kerf - piece);
    visit(i + 1);
    rests.pop();
  };
  visit(0);
  return best;
}

describe("bars", () => {
  it("cuts what just fits with its kerfs, and not a tenth more", () => {
    // 5980 usable: 2 × 2988.4 + 3.2 = 5980.
    expect(cutBars(job([[2988.4, 2]])).bars).toHaveLength(1);
    expect(cutBars(job([[2988.5, 2]])).bars).toHaveLength(2);
  });

  it("takes the free end first, and the cheaper bars that do", () => {
    const stock = [
      { id: "long", length: 6000, price: 20, count: null },
      { id: "short", length: 2500, price: 9, count: null },
      { id: "end", length: 1000, price: 0, count: 1, trim: 0 },
    ];
    const { bars, bound } = cutBars(
      job(
        [
          [1000, 1],
          [2400, 1],
        ],
        { stock },
      ),
    );
    expect(bars.map((b) => b.stock).sort()).toEqual(["end", "short"]);
    expect(bound.cost).toBeLessThanOrEqual(9);
  });

  it("names what no bar gives", () => {
    expect(cutBars(job([[7000, 2]])).unplaced).toEqual([{ partId: "P0", qty: 2, why: "longer than any stock" }]);
  });

  it("is valid, never under its bound, and as few as trying every way", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 2000, max: 40_000 }), { minLength: 1, maxLength: 9 }), (tenths) => {
        const lengths = tenths.map((t) => t / 10);
        const instance = job(lengths.map((l) => [l, 1] as const));
        const solution = cutBars(instance);
        expect(faults(instance, solution)).toEqual([]);
        const least = fewest(lengths, 5980, 3.2);
        expect(solution.bound.bars).toBeLessThanOrEqual(least);
        expect(solution.bars).toHaveLength(least);
      }),
      { numRuns: 60, seed: 7 },
    );
  });
});
