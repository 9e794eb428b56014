import type { Bought } from "../bench/schema";
import type { BuyLine } from "./buyLine";

/** What of a line of the list was bought. */
export const boughtEvent = (
  { id, materialId, label, shelf }: Pick<BuyLine, "id" | "materialId" | "label" | "shelf">,
  packs: BuyLine["likely"],
  priceMinor: number | null,
): Bought => ({
  ...{ kind: "bought", line: id, material: materialId, name: label, shelf, priceMinor },
  packs: packs
    .filter(({ count }) => count > 0)
    .map(({ pack, count }) => ({ pack: pack.id, name: pack.name, count, content: pack.content })),
});

/** The whole list as bought, as many packs as are likely; what nothing more is bought of is left out. */
export const allBought = (lines: readonly BuyLine[]): Bought[] =>
  lines
    .filter(({ likely }) => likely.some(({ count }) => count > 0))
    .map((line) => boughtEvent(line, line.likely, line.likelyMinor));
