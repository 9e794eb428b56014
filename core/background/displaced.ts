import type { Variant } from "../document/schema";
import type { Shell } from "../shell/shell";
import type { Slice } from "../shell/taking";
import { footOf, meanDepthMm } from "./cover";
import { WALLS, type WallId } from "./names";

/** How much of the floor, from each of three walls inwards, what stands there takes away, mm. */
export type Insets = Record<WallId, number>;

/**
 * What stands of a shell's backgrounds within a slice of its height takes its depth of the floor away from what is poured
 * there: a wall that begins in the slice counts for the part of it that it fills. Round shells and trays, which are narrower
 * than the walls round them, lose nothing.
 */
export function insetsOf(shell: Shell, variant: Pick<Variant, "background">, { fromMm, toMm }: Slice): Insets {
  const none = shell.profile.round || shell.tray || toMm <= fromMm;
  const depthOf = (face: WallId) => {
    const wall = variant.background.walls.find((w) => w.face === face);
    if (none || !wall || shell.faces[face].open || wall.buildUp === "none") return 0;
    const filled = Math.max(0, toMm - Math.max(fromMm, footOf(wall, shell))) / (toMm - fromMm);
    return meanDepthMm(wall) * filled;
  };
  return Object.fromEntries(WALLS.map((face) => [face, depthOf(face)])) as Insets;
}
