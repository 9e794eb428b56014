import type { Layer } from "../schema";
import { layerKind } from "./layers";

/** How many coats a layer gets: as typed, or what is usual. */
export const coatsOf = (layer: Layer): number =>
  Math.max(1, Math.round(layer.coats?.value ?? layerKind(layer.layer).coats.value));
