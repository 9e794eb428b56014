import type { FaceId } from "../design/names";
import { workedRect } from "../shell/flat";
import type { Shell } from "../shell/shell";
import { layOut, type SlipJob } from "./layout";
import type { Slips } from "./schema";

const WALLS = ["left", "right", "back"] as const satisfies readonly FaceId[];

/** Slips of the design as a job on their face; the room above their foot. */
export function slipJob(slips: Slips, faces: Shell["faces"]): SlipJob {
  const face = workedRect(faces[slips.face]);
  return {
    faceWidthMm: face.widthMm,
    faceHeightMm: face.heightMm - slips.foot.value,
    widthMm: slips.width.value,
    heightMm: slips.height.value,
    jointMm: slips.joint.value,
    edgeMm: slips.edge.value,
    bond: slips.bond,
    breakage: slips.breakagePercent.value / 100,
    onHand: slips.onHand ? Math.floor(slips.onHand.value) : null,
  };
}

/** Other walls that the slips left over would cover at the same joint. */
export function facesLeftFor(slips: Slips, left: number, faces: Shell["faces"]): FaceId[] {
  return WALLS.filter((face) => {
    if (face === slips.face) return false;
    const other = layOut({ ...slipJob({ ...slips, face }, faces), onHand: null });
    return other !== undefined && other.needed <= left;
  });
}
