import type { Variant } from "#core/document/schema";
import { useVariant } from "../state/context";

/** Where in a list of the variant a thing stands; below zero once it is gone. */
export const useIndex = (list: (variant: Variant) => readonly { id: string }[], id: string): number =>
  useVariant((v) => list(v).findIndex((item) => item.id === id));
