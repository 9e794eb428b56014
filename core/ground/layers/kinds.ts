import { bagged } from "./bagged";
import { barrier } from "./barrier";
import { charcoal } from "./charcoal";
import { drain } from "./drain";
import type { LayerKind, LayerKinds } from "./kind";
import { leaves } from "./leaves";
import { mix } from "./mix";
import { moss } from "./moss";
import { sand } from "./sand";
import type { Layer, LayerKindId } from "./schema";

/** Every kind of layer, from the base up as they usually lie. Beside its file, its schema and how it lies (`core/levels/strata.ts`), one word here. */
export const LAYER_KINDS: LayerKinds = { drain, barrier, charcoal, mix, bagged, sand, moss, leaves };

export const LAYER_KIND_IDS = Object.keys(LAYER_KINDS) as LayerKindId[];

/** What a layer is of its kind. */
export const layerKindOf = (layer: Pick<Layer, "kind">): LayerKind<Layer> =>
  LAYER_KINDS[layer.kind] as LayerKind<Layer>;

/** Puts a new layer where one of its kind usually lies: under the first that lies over it. */
export function layIn(layers: Layer[], layer: Layer): void {
  const rank = ({ kind }: Layer) => LAYER_KIND_IDS.indexOf(kind);
  const over = layers.findIndex((l) => rank(l) > rank(layer));
  layers.splice(over < 0 ? layers.length : over, 0, layer);
}
