import { constant, type Known, memory } from "../figures/figure";
import type { Part } from "../ledgers/ledger";
import { type Need, need, spread } from "../ledgers/needs";
import type { Book } from "../materials/schema";
import type { DividerSheet } from "./schema";
import { sheetMaterial } from "./stuffs";

const KIND = { glass: "pane", sheet: "panel", mesh: "mesh" } as const;

/** A piece of the stuff dividers and boxes are made of, as it is cut; undefined while nobody said of which material. */
export function pieceOf(
  book: Book,
  sheet: DividerSheet,
  own: Pick<Part, "id" | "label" | "qty" | "lengthMm" | "widthMm" | "working">,
): Part | undefined {
  const m = sheetMaterial(book, sheet);
  const kind = m && KIND[m.class as keyof typeof KIND];
  if (!m || !kind) return undefined;
  const turned = own.widthMm > own.lengthMm;
  return {
    ...own,
    ...{ materialId: m.id, kind, grainLocked: false, thicknessMm: "thicknessMm" in m ? m.thicknessMm : 0 },
    lengthMm: turned ? own.widthMm : own.lengthMm,
    widthMm: turned ? own.lengthMm : own.widthMm,
    working: turned ? { length: own.working.width, width: own.working.length } : own.working,
  };
}

/** Mesh is cut off its roll square, so much over. From memory. */
const OFF_THE_ROLL: Known = { value: 1, low: 1, high: 1.2, basis: memory };

/** Mesh off its roll; panes and sheets are bought as they are cut. */
export const meshNeeds = (parts: readonly Part[]): Need[] =>
  parts.flatMap((p) => {
    if (p.kind !== "mesh") return [];
    const mm2 = p.lengthMm * p.widthMm * p.qty;
    return [
      need(p.materialId, "mm2", p.label.toLowerCase(), spread(mm2, OFF_THE_ROLL), [
        constant("off the roll", OFF_THE_ROLL, "×"),
      ]),
    ];
  });
