import type { Measure } from "../../design/basics";
import { WET_GROUND } from "../../figures/substrate";
import type { Site } from "../../shell/site";
import { MIX, SETTLES } from "../mix";
import { fillId } from "./of";
import type { OwnPart, Recipe } from "./schema";

/** One part of a mix, of the book or the builder's own. */
export interface MixedPart {
  name: string;
  /** What it is bought as. */
  materialId: string;
  /** Of the whole, as its recipe tells it. */
  amount: Measure;
  /** Litres of it that one litre, as bought, makes. */
  swells: number;
  /** As it lies, wet; null where nobody weighed it. */
  wetKgPerM3: number | null;
}

/** What a part of one's own is bought as: it is in no book. */
export const ownMaterialId = ({ id }: Pick<OwnPart, "id">): string => `own-${id}`;

/** All parts of a mix, those of the book first. */
export const partsOf = (book: Pick<Site, "book">, { parts: list, own }: Recipe): MixedPart[] => [
  ...list.map(({ what, amount }) => ({
    ...{ name: MIX[what].name, materialId: fillId(book, what), amount, swells: 1, wetKgPerM3: null },
  })),
  ...own.map((p) => ({
    ...{ name: p.name.toLowerCase(), materialId: ownMaterialId(p), amount: p.amount },
    ...{ swells: p.swells?.value ?? 1, wetKgPerM3: p.wetKgPerM3?.value ?? null },
  })),
];

/**
 * Litres of each part as it is bought, for a volume as it lies: loose it is more, by what settles; one that swells is less.
 * Shares are of the whole mix, so that a recipe which does not sum is still bought in its own proportion.
 */
export function mixLitres<P extends Pick<MixedPart, "amount" | "swells">>(
  list: readonly P[],
  litres: number,
  settles = SETTLES.value,
): { part: P; litres: number }[] {
  const sum = list.reduce((total, p) => total + Math.max(0, p.amount.value), 0);
  if (sum <= 0) return [];
  const loose = litres / (1 - settles);
  return list.map((part) => ({ part, litres: (loose * Math.max(0, part.amount.value)) / sum / part.swells }));
}

/** Wet weight of a mix as it lies, kg/m³: by volume, with what wet ground weighs for each part that nobody weighed. */
export function mixKgPerM3(list: readonly MixedPart[]): number {
  const sum = list.reduce((total, p) => total + Math.max(0, p.amount.value), 0);
  if (sum <= 0) return WET_GROUND.value;
  return list.reduce((kg, p) => kg + (Math.max(0, p.amount.value) / sum) * (p.wetKgPerM3 ?? WET_GROUND.value), 0);
}
