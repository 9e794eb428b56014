/** Bar instances for the bench, from fixed seeds, made up: 50 pieces each. */
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { BarInstance } from "../../core/cuts/bars/format";

const PIECES = 50;
const B = { id: "B", length: 6000, price: 20, count: null };

function job(seed: number, lengths: number[], stock: BarInstance["stock"]): BarInstance {
  return {
    ...{ format: "bar-nest/1", dim: 1, id: `bars-${seed}`, kerf: 3.2, trim: 10, timeLimitMs: 2000, seed },
    stock,
    parts: lengths.map((length, i) => ({ id: `P${i}`, length: Math.round(length * 10) / 10, qty: 1 })),
  };
}

/** Bars cut up at random, nothing to spare. */
function cutUp(share: () => number): number[] {
  const usable = 5980;
  const bars = Math.ceil(PIECES / 5);
  return Array.from({ length: bars }, () => {
    const cuts = Array.from({ length: 4 }, () => share()).sort((a, b) => a - b);
    const room = usable - 4 * 3.2 - 5 * 100;
    const ends = [0, ...cuts.map((c) => Math.round(c * room * 10) / 10), room];
    return ends.slice(1).map((end, i) => 100 + end - ends[i]!);
  }).flat();
}

/** Classes of bar jobs; `optimum` where it is known by construction. */
export function barClasses(
  size: number,
  seed: number,
): { name: string; cases: { instance: BarInstance; optimum?: number }[] }[] {
  const cases = (make: (share: () => number, seed: number) => { instance: BarInstance; optimum?: number }) =>
    Array.from({ length: size }, (_, i) => {
      const generator = xoroshiro128plus(seed * 7000 + i);
      return make(() => (generator.next() >>> 0) / 2 ** 32, seed * 7000 + i);
    });
  const lengths = (share: () => number, low: number, high: number) =>
    Array.from({ length: PIECES }, () => low + share() * (high - low));
  return [
    {
      name: "random, 100 to 3000 of 6000",
      cases: cases((share, s) => ({ instance: job(s, lengths(share, 100, 3000), [B]) })),
    },
    {
      name: "long, 1500 to 3200 of 6000",
      cases: cases((share, s) => ({ instance: job(s, lengths(share, 1500, 3200), [B]) })),
    },
    {
      name: "shop, two lengths and ends on hand",
      cases: cases((share, s) => ({
        instance: job(
          s,
          Array.from({ length: PIECES }, () =>
            share() < 0.5 ? 100 * Math.round(3 + 15 * share()) : 200 + Math.round(2200 * share()),
          ),
          [B, { id: "S", length: 2500, price: 9, count: null }, { id: "E", length: 1400, price: 0, count: 2, trim: 0 }],
        ),
      })),
    },
    {
      name: "known optimum, nothing to spare",
      cases: cases((share, s) => ({ instance: job(s, cutUp(share), [B]), optimum: 20 * Math.ceil(PIECES / 5) })),
    },
  ];
}
