import type { Family } from "../materials/face";
import type { Cut, SectionPiece } from "../shell/section";
import type { Shell } from "../shell/shell";
import type { DrawnOpening } from "./drawn";
import type { Leaf } from "./kind";
import { leafMesh } from "./leaf/opened";

/** What a leaf is drawn as. */
export const LEAF_FAMILY: Record<Leaf["of"], Family> = { glass: "glass", mesh: "steel", sheet: "pvcFoam" };

/** A section between two leaves is drawn through one of them, mm. */
const MEET_MM = 20;

/**
 * Made doors and lids where a section cuts them, shut.
 * @param atMm where it is cut, mm from the left or from the front; the middle of the shell without
 */
export function cutLeaves(
  shell: Pick<Shell, "faces" | "inside">,
  openings: readonly DrawnOpening[],
  cut: Cut,
  atMm?: number,
): SectionPiece[] {
  const [across, through] = cut === "frontBack" ? [1, 0] : [0, 1];
  const plane = atMm ?? (cut === "frontBack" ? shell.inside.widthMm : shell.inside.depthMm) / 2;
  return openings.flatMap(({ id, face, closure }) => {
    // What came with the shell has no thickness told by its leaves; the shell itself draws it.
    const cuts = (closure?.leaves ?? []).flatMap((leaf) => {
      if (!leaf.moves) return [];
      const { points } = leafMesh(shell, face, leaf, 0);
      const span = (axis: number) => {
        const along = points.map((p) => p[axis]!);
        return [Math.min(...along), Math.max(...along)] as const;
      };
      const [near, far] = span(through);
      return [{ leaf, across: span(across), up: span(2), offMm: Math.max(near - plane, 0, plane - far) }];
    });
    // Where two leaves meet, or pass one another, the nearer stands for both.
    const standing =
      cut === "frontBack" && face === "front" ? [...cuts].sort((a, b) => a.offMm - b.offMm).slice(0, 1) : cuts;
    return standing
      .filter(({ offMm }) => offMm < MEET_MM)
      .map(
        ({ leaf, across: [left, right], up: [foot, head] }): SectionPiece => ({
          ...{ id: `leaf-${id}-${leaf.id}`, face, of: "door", family: LEAF_FAMILY[leaf.of] },
          points: [
            [left, foot],
            [right, foot],
            [right, head],
            [left, head],
          ],
        }),
      );
  });
}
