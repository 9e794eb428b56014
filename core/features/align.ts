import type { Shell } from "../shell/shell";
import { heightOf, vAtHeight } from "../shell/space";
import type { Feature } from "./schema";

const lies = ({ face }: Feature) => face === "top" || face === "base";

/** Whether one feature can stand level with another: both on walls, or both on the same lying face. */
export const canLevel = (a: Feature, b: Feature): boolean =>
  a.id !== b.id && (lies(a) || lies(b) ? a.face === b.face : true);

/**
 * Where a feature's middle must be to stand as high as another's: on walls by height above the base, whatever either
 * wall leans; on one lying face as far from its front.
 * @returns v on the feature's own face, mm
 */
export function levelWith(feature: Feature, other: Feature, faces: Shell["faces"]): number {
  if (lies(feature)) return other.v.value;
  return vAtHeight(faces[feature.face].frame, heightOf(faces[other.face].frame, other.v.value));
}
