import type { BuyLine } from "#core/buying/buyLine";

/** Packs with their counts: `1 × tube 310 mL + 2 × can`. */
export const packWords = (counts: BuyLine["likely"]) =>
  counts.length === 0 ? "nothing" : counts.map(({ pack, count }) => `${count} × ${pack.name}`).join(" + ");
