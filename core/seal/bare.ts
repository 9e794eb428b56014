import type { Variant } from "../document/schema";

/** A seal before anything is put on any face, across any floor, or decided. */
export const BARE_SEAL = { stacks: [], dividers: [], decisions: [] } satisfies Pick<
  Variant["seal"],
  "stacks" | "dividers" | "decisions"
>;
