import { materialName } from "../materials/find";
import type { Book } from "../materials/schema";
import type { Supply } from "./ledger";

/** What one wall takes of a material. */
export interface Need extends Pick<Supply, "materialId" | "unit" | "likely" | "low" | "high" | "why"> {
  figure?: string;
}

/** A need whose spread is that of its rate. */
export const need = (
  materialId: string,
  unit: Supply["unit"],
  why: string,
  likely: number,
  low = likely,
  high = likely,
): Need => ({ materialId, unit, why, likely, low, high });

/** Needs of the same material as one supply each, in the order they came. */
export function suppliesOf(book: Book, owner: string, needs: readonly Need[]): Supply[] {
  const byMaterial = new Map<string, Need[]>();
  for (const n of needs) if (n.likely > 0) byMaterial.set(n.materialId, [...(byMaterial.get(n.materialId) ?? []), n]);
  return [...byMaterial].map(([materialId, all]): Supply => {
    const sum = (pick: (n: Need) => number) => all.reduce((total, n) => total + pick(n), 0);
    const figure = all.find((n) => n.figure)?.figure;
    return {
      id: `${owner}/${materialId}`,
      label: materialName(book, materialId),
      materialId,
      unit: all[0]!.unit,
      likely: sum((n) => n.likely),
      low: sum((n) => n.low),
      high: sum((n) => n.high),
      why: [...new Set(all.map((n) => n.why))].join("; "),
      ...(figure && { figure }),
    };
  });
}
