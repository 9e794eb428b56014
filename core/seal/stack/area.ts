import type { FaceId } from "../../design/names";
import type { Variant } from "../../document/schema";
import { featureRect } from "../../features/feature";
import { areaMm2 } from "../../shell/outline";
import type { Shell } from "../../shell/shell";

/** Opening or mask that a coat leaves out. */
const leavesOut = (f: Variant["features"][number]): boolean =>
  f.kind === "pane" || f.kind === "mesh" || (f.kind === "keepOut" && f.use === "window");

/** What is coated of a face, m²: the face less its windows, panels of mesh and what is masked. */
export function coatedM2(face: FaceId, shell: Shell, variant: Variant): number {
  const whole = areaMm2(shell.faces[face].outline);
  const left = variant.features
    .filter((f) => f.face === face && leavesOut(f))
    .reduce((sum, f) => {
      const { widthMm, heightMm } = featureRect(f);
      return sum + widthMm * heightMm;
    }, 0);
  return Math.max(0, whole - left) / 1e6;
}
