import type { Variant } from "../document/schema";
import { airsOf } from "./feature";
import type { Feature } from "./schema";

/** Whether air passes a feature. */
export const isVent = (feature: Feature): boolean => airsOf(feature) !== undefined;

/** The features air passes, in the design's order. */
export const ventsOf = (variant: Pick<Variant, "features">): Feature[] => variant.features.filter(isVent);
