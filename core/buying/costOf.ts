import type { PackCount } from "../materials/packs";

/** What packs cost; null while one of them has no price. */
export const costOf = (counts: PackCount[]): number | null =>
  counts.reduce<number | null>(
    (sum, { pack, count }) => (sum === null || pack.priceMinor === null ? null : sum + pack.priceMinor * count),
    0,
  );
