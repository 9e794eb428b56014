import type { Start } from "./kind";
import { FEATURE_KINDS } from "./list";

/** What can be begun at a stage. */
export const startsAt = (stage: string): Start[] =>
  FEATURE_KINDS.filter((k) => k.stage === stage).flatMap((k) => k.starts);
