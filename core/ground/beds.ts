import type { Stratum } from "../levels/strata";
import type { Site } from "../shell/site";
import type { LayerKind } from "./layers/kind";
import { layerKindOf } from "./layers/kinds";
import type { Layer } from "./layers/schema";
import { layersIn, strataIn } from "./strataIn";

/** A layer as it lies in a part of the floor: its heights, and its kind; neither where nobody said what it is of. */
export interface Bed {
  stratum: Stratum;
  layer: Layer | undefined;
  kind: LayerKind<Layer> | undefined;
  /** Share of it that standing water fills. */
  voidShare: number;
}

/** What takes up height in a part of the floor, from the base up, each with the layer it is of. */
export function bedsIn(site: Pick<Site, "shell" | "variant">, part: string): Bed[] {
  const layers = layersIn(site, part);
  return strataIn(site, part).map((stratum): Bed => {
    const layer = layers.find((l) => l.id === stratum.id);
    const kind = layer && layerKindOf(layer);
    return { stratum, layer, kind, voidShare: (layer && kind?.voidShare?.(layer).value) ?? 0 };
  });
}
