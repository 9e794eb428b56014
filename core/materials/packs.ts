import { atMost, ceil } from "../units/tolerance";
import type { Pack } from "./schema";

export interface PackCount {
  pack: Pack;
  count: number;
}

/**
 * The cheapest whole packs that hold an amount; unpriced packs are compared by how little is left over, and packs whose
 * content nobody has read off yet, given as 0, are left out.
 * @param amount in the packs' own unit
 */
export function cheapestPacks(offered: Pack[], amount: number): PackCount[] {
  const packs = offered.filter((p) => p.content > 0);
  if (atMost(amount, 0) || packs.length === 0) return [];
  const priced = packs.every((p) => p.priceMinor !== null);
  const cost = (p: Pack) => (priced ? p.priceMinor! : p.content);
  const sorted = [...packs].sort((a, b) => b.content - a.content);
  let best: { counts: number[]; cost: number } | undefined;
  const visit = (index: number, missing: number, counts: number[], spent: number) => {
    if (best && spent >= best.cost) return;
    if (atMost(missing, 0)) {
      best = { counts: [...counts], cost: spent };
      return;
    }
    const pack = sorted[index];
    if (!pack) return;
    const most = ceil(missing / pack.content);
    for (let n = most; n >= (index === sorted.length - 1 ? most : 0); n--) {
      counts[index] = n;
      visit(index + 1, missing - n * pack.content, counts, spent + n * cost(pack));
    }
    counts[index] = 0;
  };
  visit(
    0,
    amount,
    sorted.map(() => 0),
    0,
  );
  return (best?.counts ?? []).flatMap((count, i) => (count > 0 ? [{ pack: sorted[i]!, count }] : []));
}
