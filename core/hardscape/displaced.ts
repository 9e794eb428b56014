import type { Variant } from "../document/schema";
import type { Taking } from "../shell/taking";
import { footprint } from "./line";
import { shapeOf } from "./shapes/list";

/** Pieces that stand on the base take their foot out of what is poured round them, up to their own height. */
export const piecesTake = ({ hardscape }: Pick<Variant, "hardscape">): Taking[] =>
  hardscape.flatMap((piece): Taking[] => {
    const { standsMm, rests } = shapeOf(piece);
    if (!standsMm || rests(piece)[0]?.on !== "base") return [];
    const rect = footprint(piece);
    return [{ rect, m2: (rect.widthMm * rect.heightMm) / 1e6, fromMm: 0, toMm: standsMm(piece) }];
  });
