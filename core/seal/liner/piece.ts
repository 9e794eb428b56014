import { findMaterial } from "../../materials/find";
import type { Shell } from "../../shell/shell";
import type { Site } from "../../shell/site";
import type { Liner } from "./schema";

/** A liner as it is cut, and what becomes of it, mm and m². */
export interface LinerPiece {
  /** Along the width, and along the depth. */
  lengthMm: number;
  widthMm: number;
  /** Up sides and back, and up the front. */
  upMm: number;
  frontMm: number;
  /** What it covers once it lies, and what is folded away in its four corners. */
  coversM2: number;
  foldedM2: number;
  /** Round its upper edge, where it is glued. */
  rimMm: number;
}

/** The piece a liner is cut as: the base, and an upstand on every side (geometry). */
export function linerPiece({ inside, levels }: Pick<Shell, "inside" | "levels">, liner: Liner): LinerPiece {
  const { widthMm: w, depthMm: d, heightMm } = inside;
  const upMm = Math.min(liner.upstand.value, heightMm);
  const frontMm = levels.damTopMm > 0 ? Math.min(upMm, levels.damTopMm) : upMm;
  return {
    ...{ lengthMm: w + 2 * upMm, widthMm: d + upMm + frontMm, upMm, frontMm },
    coversM2: (w * d + 2 * d * upMm + w * upMm + w * frontMm) / 1e6,
    // Each corner is a square that is folded, never cut: two behind, two in front.
    foldedM2: (2 * upMm * upMm + 2 * upMm * frontMm) / 1e6,
    rimMm: 2 * (w + d),
  };
}

/** The liner of a design with its piece; undefined where none is laid, or a tray takes the water. */
export const linerOf = ({ shell, variant }: Pick<Site, "shell" | "variant">) => {
  const { liner } = variant.seal;
  return liner && !shell.tray ? { liner, piece: linerPiece(shell, liner) } : undefined;
};

/** Up to what warmth its label lets a liner lie, °C; undefined where the label says nothing. */
export const ratedC = ({ book }: Pick<Site, "book">, { material }: Liner): number | undefined =>
  findMaterial(book, material, "cloth")?.ratedC?.value;
