import { UM } from "../nest/problem";
import type { Pattern } from "./columns";
import type { BarInstance, BarSolution } from "./format";

export const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** The instance in the largest whole units that hold all its lengths, and which part each kind of piece stands for. */
export function inUnits(instance: BarInstance) {
  const kerf = Math.round(instance.kerf * UM);
  const bars = instance.stock.flatMap((s) => {
    const length = Math.round((s.length - 2 * (s.trim ?? instance.trim)) * UM) + kerf;
    const count = s.count ?? Number.POSITIVE_INFINITY;
    return length > kerf && count > 0 ? [{ id: s.id, length, price: s.price, count }] : [];
  });
  const longest = Math.max(0, ...bars.map((b) => b.length));
  const byLength = new Map<number, string[]>();
  for (const part of instance.parts) {
    const length = Math.round(part.length * UM) + kerf;
    if (length <= longest)
      byLength.set(length, [...(byLength.get(length) ?? []), ...Array.from({ length: part.qty }, () => part.id)]);
  }
  const unit = [...byLength.keys(), ...bars.map((b) => b.length)].reduce(gcd, 0) || 1;
  const pieces = [...byLength].map(([length, ids]) => ({ length: length / unit, count: ids.length, ids }));
  return { pieces, bars: bars.map((b) => ({ ...b, length: b.length / unit })) };
}
export type Units = ReturnType<typeof inUnits>;

/** Bars with the parts in them; what patterns give too many of is left out. */
export function fromPatterns({ pieces, bars }: Units, chosen: readonly Pattern[]): BarSolution["bars"] {
  const left = pieces.map((p) => [...p.ids]);
  return chosen
    .map(({ bar, counts }) => ({
      stock: bars[bar]!.id,
      parts: counts.flatMap((n, i) => left[i]!.splice(0, n).map((partId) => ({ partId }))),
    }))
    .filter((bar) => bar.parts.length > 0);
}
