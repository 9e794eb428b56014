import { type CornerCut, emptyLedger, type Part, type TradeLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";
import { cutsStage } from "../slips/stage";
import type { Trade } from "../trade/trade";
import { cornerWords } from "./corners";
import type { OddPart } from "./schema";

const cornerCutOf = ({ count, length, width }: NonNullable<OddPart["corners"]>): CornerCut => ({
  count,
  lengthMm: length.value,
  widthMm: width.value,
});

/** Parts the builder adds by hand: they are cut with the rest. */
function planOdd({ variant, book, say, at }: Site): TradeLedger {
  const parts = variant.oddParts.flatMap((odd, i): Part[] => {
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
        grainPath: at(`/oddParts/${i}/grainLocked`),
        ...(corners && { corners: cornerCutOf(corners) }),
        working: { length: `${odd.length.typed}, typed by hand`, width: odd.width.typed + out },
      },
    ];
  });
  return { ...emptyLedger(), parts };
}

export const oddTrade: Trade = {
  id: "odd",
  stage: cutsStage,
  reads: ["oddParts"],
  needs: [],
  gives: [],
  check({ oddParts }, { between, add, book }) {
    oddParts.forEach((odd, i) => {
      const path = `/oddParts/${i}`;
      if (oddParts.findIndex((o) => o.id === odd.id) !== i) add(`${path}/id`, "Two odd parts share this id.");
      between(`${path}/length`, odd.length, 1, 10_000, `The length of ${odd.label}`);
      between(`${path}/width`, odd.width, 1, 10_000, `The width of ${odd.label}`);
      if (odd.corners) {
        const { count, length, width } = odd.corners;
        // Something must be left between two that face each other.
        between(
          `${path}/corners/length`,
          length,
          1,
          (odd.length.value - 1) / (count === 1 ? 1 : 2),
          "A corner's length",
        );
        between(`${path}/corners/width`, width, 1, (odd.width.value - 1) / (count === 4 ? 2 : 1), "A corner's width");
      }
      if (!findMaterial(book, odd.material, "sheet"))
        add(`${path}/material`, `The book has no sheet “${odd.material}”. Choose another.`);
    });
  },
  plan: planOdd,
};
