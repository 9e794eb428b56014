import type { Figure, FigureInput, Known } from "../figures/figure";
import { materialName } from "../materials/find";
import type { Book } from "../materials/schema";
import type { Supply } from "./ledger";

/** What one thing takes of a material, with the rate it was reckoned by. */
export interface Need extends Pick<Supply, "materialId" | "unit" | "likely" | "low" | "high" | "why"> {
  rates: readonly FigureInput[];
  /** What it is called, where the book does not know it. */
  label?: string;
}

/** A need whose spread is that of its rate. */
export const need = (
  materialId: string,
  unit: Supply["unit"],
  why: string,
  [likely, low = likely, high = likely]: readonly [likely: number, low?: number, high?: number],
  rates: readonly FigureInput[] = [],
): Need => ({ materialId, unit, why, likely, low, high, rates });

/** An amount times a rate with its spread. */
export const spread = (amount: number, { value, low = value, high = value }: Known) =>
  [amount * value, amount * low, amount * high] as const;

/** Needs of the same material as one supply each, in the order they came, each with its working. */
export function gatherNeeds(
  book: Book,
  owner: string,
  needs: readonly Need[],
): { supplies: Supply[]; figures: Figure[] } {
  const byMaterial = new Map<string, Need[]>();
  for (const n of needs) if (n.likely > 0) byMaterial.set(n.materialId, [...(byMaterial.get(n.materialId) ?? []), n]);
  const gathered = [...byMaterial].map(([materialId, all]) => {
    const sum = (pick: (n: Need) => number) => all.reduce((total, n) => total + pick(n), 0);
    const inBook = book.materials.some((m) => m.id === materialId);
    const label = inBook ? materialName(book, materialId) : (all[0]!.label ?? materialName(book, materialId));
    const figure: Figure = {
      id: `${owner}/need/${materialId}`,
      label,
      value: sum((n) => n.likely),
      low: sum((n) => n.low),
      high: sum((n) => n.high),
      unit: all[0]!.unit === "mm2" ? "mm²" : all[0]!.unit === "piece" ? "" : all[0]!.unit,
      formula: "Σ what each takes; its range is that of the rates",
      inputs: [
        ...all.map((n) => ({ name: n.why, value: n.likely, unit: n.unit === "mm2" ? "mm²" : n.unit })),
        ...uniqueRates(all),
      ],
    };
    const supply: Supply = {
      id: `${owner}/${materialId}`,
      label,
      materialId,
      unit: all[0]!.unit,
      likely: figure.value,
      low: figure.low!,
      high: figure.high!,
      why: [...new Set(all.map((n) => n.why))].join("; "),
      figure: figure.id,
    };
    return { supply, figure };
  });
  return { supplies: gathered.map((g) => g.supply), figures: gathered.map((g) => g.figure) };
}

const uniqueRates = (needs: readonly Need[]): FigureInput[] => {
  const byName = new Map(needs.flatMap((n) => n.rates).map((r) => [`${r.name} ${r.value}`, r]));
  return [...byName.values()];
};
