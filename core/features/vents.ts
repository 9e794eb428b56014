import type { Variant } from "../document/schema";
import type { Feature, Vent } from "./schema";

/** Whether air passes a feature. */
export const isVent = (feature: Feature): feature is Vent => feature.kind === "holes" || feature.kind === "mesh";

/** The features air passes, in the design's order. */
export const ventsOf = (variant: Variant): Vent[] => variant.features.filter(isVent);
