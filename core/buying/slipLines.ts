import type { Site } from "../shell/site";
import { slipJob } from "../slips/job";
import { layOut } from "../slips/layout";
import type { Slips } from "../slips/schema";
import type { BuyLine } from "./buyLine";

/** What slips and tiles are called among what is bought: they are no material of the book, their price is typed with them. */
const slipsId = (slips: Slips) => `slips/${slips.id}`;

/** Whole packs of the slips and tiles that are not on hand. */
export function slipLines({ variant, shell }: Pick<Site, "variant" | "shell">): BuyLine[] {
  return variant.slips.flatMap((slips): BuyLine[] => {
    const layout = slips.onHand ? undefined : layOut(slipJob(slips, shell.faces));
    if (!layout) return [];
    const content = slips.packOf?.value ?? 1;
    const count = Math.ceil(layout.needed / content);
    const priceMinor = slips.packPrice ? Math.round(slips.packPrice.value * 100) : null;
    const cost = priceMinor === null ? null : priceMinor * count;
    const packs = [
      { pack: { id: slipsId(slips), name: content > 1 ? `pack of ${content}` : "piece", content, priceMinor }, count },
    ];
    return [
      {
        id: `buying/${slipsId(slips)}`,
        label: `${slips.name}, ${slips.face}`,
        materialId: slipsId(slips),
        need: `${layout.needed} with breakage`,
        likely: packs,
        safe: packs,
        likelyMinor: cost,
        safeMinor: cost,
        odds: 1,
        onHand: "",
        shelf: false,
        figure: `slips/${slips.id}/needed`,
      },
    ];
  });
}
