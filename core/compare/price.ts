import { packsOf } from "../materials/find";
import type { Material } from "../materials/schema";
import type { Site } from "../shell/site";

/** What a material's packs hold and cost: sheets by their area, all else by content. */
const offered = (material: Material): { holds: number; priceMinor: number | null }[] =>
  material.class === "sheet"
    ? material.stock.map((s) => ({ holds: s.widthMm * s.heightMm, priceMinor: s.priceMinor }))
    : packsOf(material).map((p) => ({ holds: p.content, priceMinor: p.priceMinor }));

/** Price of an amount by the cheapest pack's own price a unit; null while none is known. */
export function priceOf(site: Site, materialId: string, amount: number): number | null {
  const material = site.book.materials.find((m) => m.id === materialId);
  const rates = (material ? offered(material) : []).flatMap(({ holds, priceMinor }) =>
    priceMinor !== null && holds > 0 ? [priceMinor / holds] : [],
  );
  return rates.length > 0 ? Math.min(...rates) * amount : null;
}
