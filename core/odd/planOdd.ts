import { type CornerCut, emptyLedger, type Part, type TradeLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";
import { cornerWords } from "./corners";
import type { OddPart } from "./schema";

const cornerCutOf = ({ count, length, width }: NonNullable<OddPart["corners"]>): CornerCut => ({
  count,
  lengthMm: length.value,
  widthMm: width.value,
});

/** Parts the builder adds by hand: they are cut with the rest. */
export function planOdd({ variant, book, say }: Site): TradeLedger {
  const parts = variant.oddParts.flatMap((odd): Part[] => {
    const material = findMaterial(book, odd.material, "sheet");
    if (!material) return [];
    const { corners } = odd;
    const out = corners
      ? `; out of ${cornerWords[corners.count]}: ${say(corners.length.value)} along the length, ${say(corners.width.value)} across`
      : "";
    return [
      {
        id: `odd/${odd.id}`,
        label: corners ? `${odd.label}, corners out` : odd.label,
        materialId: material.id,
        kind: "panel",
        lengthMm: odd.length.value,
        widthMm: odd.width.value,
        thicknessMm: material.thicknessMm,
        qty: odd.qty,
        grainLocked: odd.grainLocked,
        ...(corners && { corners: cornerCutOf(corners) }),
        working: { length: `${odd.length.typed}, typed by hand`, width: odd.width.typed + out },
      },
    ];
  });
  return { ...emptyLedger(), parts };
}
