import type { Site } from "../../shell/site";

/** Who asks for a key lock and a label, in words: strong and dangerous residents, or children at home; empty for nobody. */
export function askForKey({ brief }: Pick<Site, "brief">): string {
  const names = brief.residents.filter((r) => r.strong || r.dangerous).map((r) => r.name);
  if (names.length > 0) return names.join(", ");
  return brief.childrenAtHome ? "Children at home" : "";
}
