/** The id of a layer of a face, as its snags have it. */
export const layerId = (face: string, layer: string): string => `${face}/${layer}`;
