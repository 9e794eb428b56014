import type { Build, Variant } from "./schema";

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
