import type { Build, Feature, Variant, Vent } from "./schema";

/** Index of the variant being worked on; the first when the chosen id is gone. */
export const chosenIndex = (build: Build): number =>
  Math.max(
    0,
    build.variants.findIndex((v) => v.id === build.chosen),
  );

/** The variant being worked on. */
export const chosenVariant = (build: Build): Variant => build.variants[chosenIndex(build)]!;

/** A JSON Pointer into the chosen variant, for fixes and fields: `/shell/front/dam` becomes `/variants/0/shell/front/dam`. */
export const variantPath = (build: Build, path: string): string => `/variants/${chosenIndex(build)}${path}`;

/** Whether air passes a feature. */
export const isVent = (feature: Feature): feature is Vent => feature.kind === "holes" || feature.kind === "mesh";

/** The features air passes, in the design's order. */
export const ventsOf = (variant: Variant): Vent[] => variant.features.filter(isVent);
