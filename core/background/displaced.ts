import type { Variant } from "../document/schema";
import type { Shell } from "../shell/shell";
import { footOf, meanDepthMm } from "./cover";
import { WALLS, type WallId } from "./names";

/** Heights above the base, mm. */
interface Slice {
  fromMm: number;
  toMm: number;
}

/**
 * What stands of a shell's backgrounds within a slice of its height takes this share of the floor away from what is poured
 * there: a wall that begins in the slice counts for the part of it that it fills. Round shells and trays, which are narrower
 * than the walls round them, lose nothing.
 * @returns 0 (nothing) to 1 (all of it)
 */
export function displacedShare(shell: Shell, variant: Pick<Variant, "background">, { fromMm, toMm }: Slice): number {
  const { footWidthMm, footDepthMm, round } = shell.profile;
  if (round || shell.tray || toMm <= fromMm) return 0;
  const depthOf = (face: WallId) => {
    const wall = variant.background.walls.find((w) => w.face === face);
    if (!wall || shell.faces[face].open || wall.buildUp === "none") return 0;
    const filled = Math.max(0, toMm - Math.max(fromMm, footOf(wall, shell))) / (toMm - fromMm);
    return meanDepthMm(wall) * filled;
  };
  const [back, left, right] = WALLS.map(depthOf) as [number, number, number];
  const leftMm2 = Math.max(0, footWidthMm - left - right) * Math.max(0, footDepthMm - back);
  return 1 - leftMm2 / (footWidthMm * footDepthMm);
}
