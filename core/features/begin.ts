import type { Variant } from "../document/schema";
import type { Start } from "./kind";
import { FEATURE_KINDS } from "./list";

/** The first free id of a stem in a variant: `port-1`, `port-2`. */
export function freeId({ features }: Pick<Variant, "features">, stem: string): string {
  let n = 1;
  while (features.some((f) => f.id === `${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

/** What can be begun at a stage. */
export const startsAt = (stage: string): Start[] =>
  FEATURE_KINDS.filter((k) => k.stage === stage).flatMap((k) => k.starts);
