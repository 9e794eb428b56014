import type { Variant } from "../document/schema";
import type { Rect } from "../shell/faces";
import { footprint } from "./line";
import type { Piece } from "./schema";

/** A piece that stands on the base takes its foot out of what is poured round it, up to its own height, mm. */
function standing(piece: Piece): { rect: Rect; topMm: number } | undefined {
  return piece.shape === "block" && piece.on === "base"
    ? { rect: footprint(piece), topMm: piece.height.value }
    : undefined;
}

/**
 * Floor that pieces on the base take from a slice of height, m²; a piece that ends within it counts for the part it fills.
 * @param within what of the floor counts: the land, or the pool
 */
export const piecesTakeM2 = (
  { hardscape }: Pick<Variant, "hardscape">,
  { fromMm, toMm }: { fromMm: number; toMm: number },
  within: (rect: Rect) => Rect | undefined = (rect) => rect,
): number =>
  toMm <= fromMm
    ? 0
    : hardscape.reduce((sum, piece) => {
        const stands = standing(piece);
        const rect = stands && within(stands.rect);
        if (!stands || !rect) return sum;
        const filled = Math.max(0, Math.min(toMm, stands.topMm) - fromMm) / (toMm - fromMm);
        return sum + (rect.widthMm * rect.heightMm * filled) / 1e6;
      }, 0);
