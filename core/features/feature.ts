import type { Rect } from "../shell/faces";
import { fieldSize } from "./holes/pattern";
import { tubeHole } from "./port/tubeHole";
import type { Feature } from "./schema";

function sizeOf(feature: Feature): { widthMm: number; heightMm: number } {
  switch (feature.kind) {
    case "holes":
      return fieldSize(feature);
    case "port": {
      const { bore, tube } = feature;
      // A tube that climbs meets its wall in an upright oval.
      const heightMm = tube ? tubeHole(bore.value, tube.rise.value, tube.run.value).longMm : bore.value;
      return { widthMm: bore.value, heightMm };
    }
    case "mesh":
      return {
        widthMm: feature.width.value,
        heightMm: feature.shape === "round" ? feature.width.value : feature.height.value,
      };
    default:
      return { widthMm: feature.width.value, heightMm: feature.height.value };
  }
}

/** What a feature is called: its own name, or its id. */
export const featureName = (feature: Feature): string => feature.name || feature.id;

/** The rectangle a feature takes on its face, without a mesh's lap. */
export function featureRect(feature: Feature): Rect {
  const size = sizeOf(feature);
  return { uMm: feature.u.value - size.widthMm / 2, vMm: feature.v.value - size.heightMm / 2, ...size };
}
