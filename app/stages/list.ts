import { STAGES } from "../../core/trades/stages";

/** Where a stage's screen lies: a folder of its id, with the screen named after it. */
export const screenOf = (id: string): string => `stages/${id}/${id[0]!.toUpperCase()}${id.slice(1)}Stage.tsx`;

export { STAGES };

/** Keys that already mean a stage which is not built yet. */
export const RESERVED_KEYS: Readonly<Record<string, string>> = {
  "6": "Fixtures",
  l: "Bench log",
  v: "Variants",
};
