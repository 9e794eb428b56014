import type { FaceId } from "../../design/names";
import type { Variant } from "../../document/schema";
import { featureRect } from "../../features/feature";
import { featureKind } from "../../features/index";
import { areaMm2 } from "../../shell/outline";
import type { Shell } from "../../shell/shell";

/** What is coated of a face, m²: the face less its windows, panels of mesh and what is masked. */
export function coatedM2(face: FaceId, shell: Shell, variant: Variant): number {
  const { flat, outline } = shell.faces[face];
  const whole = flat ? flat.widthMm * flat.heightMm : areaMm2(outline);
  const left = variant.features
    .filter((f) => f.face === face && featureKind(f).masked(f))
    .reduce((sum, f) => {
      const { widthMm, heightMm } = featureRect(f);
      return sum + widthMm * heightMm;
    }, 0);
  return Math.max(0, whole - left) / 1e6;
}
