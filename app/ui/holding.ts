import type { Holding } from "#core/seal/bonds/table";

/** How a layer holds, in words and colour. */
export const HOLDING: Record<Holding, { words: string; tone: string }> = {
  holds: { words: "holds", tone: "fern" },
  holdsIf: { words: "holds under a condition", tone: "mind" },
  risky: { words: "may let go", tone: "mind" },
  never: { words: "will not hold", tone: "stop" },
  unknown: { words: "not known: try on scrap", tone: "muted" },
};
