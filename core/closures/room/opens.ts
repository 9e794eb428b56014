import type { Figure } from "../../figures/figure";
import type { Rect } from "../../shell/faces";
import type { Opening } from "../../shell/shell";
import type { Leaf } from "../kind";
import { cornersAt, OPEN_DEG } from "../leaf/opened";

/** Room that a door or lid takes outside the shell while it opens: before it, or over it, mm. */
export interface RoomTaken {
  where: "before" | "over";
  mm: number;
}

/** How far the corners of a leaf come out of its face, and up or along it past its opening, open to a right angle. */
function reachOf(leaf: Leaf, opening: Rect): { outMm: number; upMm: number; downMm: number } {
  const corners = cornersAt(leaf, OPEN_DEG);
  const most = (of: (corner: (typeof corners)[number]) => number) => Math.max(0, ...corners.map(of));
  return {
    outMm: most(([, , out]) => out),
    upMm: most(([, v]) => v - opening.vMm - opening.heightMm),
    downMm: most(([, v]) => opening.vMm - v),
  };
}

/**
 * The room a door or lid takes to be opened to a right angle; undefined where it takes none that counts: what is lifted off,
 * and panes that pass one another.
 */
export function roomTaken(leaves: readonly Leaf[], { face, ...rect }: Opening): RoomTaken | undefined {
  const front = face === "front";
  const taken = leaves.flatMap((leaf): RoomTaken[] => {
    const { outMm, upMm, downMm } = reachOf(leaf, rect);
    switch (leaf.moves?.how) {
      case "swings":
        return [{ where: front ? "before" : "over", mm: outMm }];
      case "lifts":
        return [{ where: "over", mm: upMm }];
      case "slides":
        return leaf.moves.along === "v" ? [{ where: "before", mm: downMm }] : [];
      default:
        return [];
    }
  });
  return taken.reduce<RoomTaken | undefined>((most, t) => (most && most.mm >= t.mm ? most : t), undefined);
}

/** The figure of it. */
export const roomFigure = (id: string, leaves: readonly Leaf[], { where, mm }: RoomTaken): Figure => ({
  id,
  label: `Clear ${where} it, to open`,
  value: mm,
  unit: "mm",
  rounding: "up",
  formula: "how far the leaf's outermost corner stands out, opened to a right angle",
  inputs: [
    ...leaves
      .filter((leaf) => leaf.moves && leaf.moves.how !== "stays")
      .map((leaf) => ({
        name: leaf.name ?? leaf.id,
        value: Math.max(leaf.rect.widthMm, leaf.rect.heightMm),
        unit: "mm",
      })),
  ],
});
