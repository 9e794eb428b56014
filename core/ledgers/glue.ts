import { type Known, memory } from "../figures/figure";
import { findMaterial, materialName } from "../materials/find";
import type { Book } from "../materials/schema";
import type { Supply } from "./ledger";

/** The adhesive of the book that holds mesh, tracks and profiles on plastic, wood and glass. */
export const ADHESIVE = "structural-adhesive";
/** A line of it, mL a metre, where the book has none of that name. From memory. */
export const LINE_ML: Known = { value: 12, low: 8, high: 18, basis: memory };

/** A line of adhesive. @param id its own in the ledger @param mm how long */
export function glueSupply(book: Book, id: string, mm: number, why: string): Supply[] {
  const {
    value,
    low = value / 1.25,
    high = value * 1.25,
  } = findMaterial(book, ADHESIVE, "adhesive")?.mlPerMetre ?? LINE_ML;
  if (mm <= 0) return [];
  const metres = mm / 1000;
  return [
    {
      ...{ id, label: materialName(book, ADHESIVE), materialId: ADHESIVE, unit: "mL", why },
      ...{ likely: metres * value, low: metres * low, high: metres * high },
    },
  ];
}

/** Sealant squeezed out of a bed and left in the nozzle, times what lies in it. From memory. */
export const SPILT: Known = { value: 1.2, low: 1.05, high: 1.5, basis: memory };

/** A bed of sealant. @param mL what lies in it */
export const bedSupply = (book: Book, id: string, sealant: string, mL: number, why: string): Supply[] =>
  mL <= 0
    ? []
    : [
        {
          ...{ id, label: materialName(book, sealant), materialId: sealant, unit: "mL", why },
          ...{ likely: mL * SPILT.value, low: mL * SPILT.low!, high: mL * SPILT.high! },
        },
      ];
