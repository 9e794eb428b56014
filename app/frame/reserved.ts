/** Keys that already mean a stage which is not built yet. */
export const RESERVED_KEYS: Readonly<Record<string, string>> = {
  v: "Variants",
};
