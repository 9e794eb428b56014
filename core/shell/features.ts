import { fieldSize } from "../air/pattern";
import type { Feature } from "../design/schema";
import type { Rect } from "./faces";

/** The rectangle a feature takes on its face, without a mesh's lap. */
export function featureRect(feature: Feature): Rect {
  const size =
    feature.kind === "holes" ? fieldSize(feature) : { widthMm: feature.width.value, heightMm: feature.height.value };
  return { uMm: feature.u.value - size.widthMm / 2, vMm: feature.v.value - size.heightMm / 2, ...size };
}
