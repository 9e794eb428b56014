import type { Rect } from "../shell/faces";
import { featureKind } from "./index";
import type { Airs, Clearance, CutShape } from "./kind";
import type { Feature } from "./schema";

export { featureName } from "./name";

/** The rectangle a feature takes on its face, without a mesh's lap. */
export function featureRect(feature: Feature): Rect {
  const size = featureKind(feature).size(feature);
  return { uMm: feature.u.value - size.widthMm / 2, vMm: feature.v.value - size.heightMm / 2, ...size };
}

/** What is cut of a feature, about its middle. */
export const cutShapes = (feature: Feature): readonly CutShape[] => featureKind(feature).cut(feature);

/** Whether anything is cut for it at all. */
export const isCut = (feature: Feature): boolean => cutShapes(feature).length > 0;

/** What air passes of a feature; undefined for what is no vent. */
export const airsOf = (feature: Feature): Airs | undefined => featureKind(feature).airs?.(feature);

/** The mesh over a feature: a material's id, null where it stands open, undefined where none belongs. */
export const meshOf = (feature: Feature): string | null | undefined => featureKind(feature).mesh?.(feature);

/** The room a feature keeps free, if any. */
export const clearanceOf = (feature: Feature): Clearance | undefined => featureKind(feature).clearance?.(feature);
