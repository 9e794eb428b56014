import { constant, type FigureInput, memory } from "../../figures/figure";
import type { Part } from "../../ledgers/ledger";
import { type Need, need } from "../../ledgers/needs";
import type { ClothForm, FillForm } from "../../materials/names";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import type { Lies } from "./kind";

/** The material of the book that is poured of a form, and that is cut of one. */
export const fillId = ({ book }: Pick<Site, "book">, form: FillForm): string =>
  book.materials.find((m) => m.class === "fill" && m.form === form)?.id ?? `fill-${form.toLowerCase()}`;
export const clothId = ({ book }: Pick<Site, "book">, form: ClothForm): string =>
  book.materials.find((m) => m.class === "cloth" && m.form === form)?.id ?? `cloth-${form.toLowerCase()}`;

/** Poured litres are heaped and spilt by this share either way: from memory. */
const POURED = { value: 1, low: 0.95, high: 1.15, basis: memory } as const;
const POURED_RATE = constant("heaped and spilt", POURED, "×");
const CUT_RATE = constant("cut off the roll", { value: 1, low: 1, high: 1.3, basis: memory }, "×");

/** Litres of something poured. */
export const pour = (
  materialId: string,
  why: string,
  l: number,
  [low, high]: readonly [number, number] = [l, l],
  rates: readonly FigureInput[] = [],
): Need =>
  need(materialId, "mL", why, [l * 1000, low * 1000 * POURED.low, high * 1000 * POURED.high], [...rates, POURED_RATE]);

/** A sheet cut to the land, oversize all round. */
export function cutToLand(
  { id, label, materialId, thicknessMm, qty }: Pick<Part, "id" | "label" | "materialId" | "thicknessMm" | "qty">,
  { widthMm, depthMm, cutOut }: Lies,
  overMm: number,
): Part[] {
  if (widthMm <= 0 || depthMm <= 0) return [];
  const over = overMm > 0 ? ` + 2 × ${formatNumber(overMm)} curl` : "";
  const out = cutOut ? `, ${cutOut} cut out of it` : "";
  return [
    {
      ...{ id, label, materialId, kind: "cloth", qty, thicknessMm, grainLocked: false },
      lengthMm: Math.max(widthMm, depthMm) + 2 * overMm,
      widthMm: Math.min(widthMm, depthMm) + 2 * overMm,
      working: { length: `land${over}${out}`, width: `land${over}` },
    },
  ];
}

/** What is cut, as it is bought off the roll. */
export const offTheRoll = (parts: readonly Part[]): Need[] =>
  parts.map((part) => {
    const mm2 = part.lengthMm * part.widthMm * part.qty;
    return need(part.materialId, "mm2", part.label.toLowerCase(), [mm2, mm2, mm2 * 1.3], [CUT_RATE]);
  });
