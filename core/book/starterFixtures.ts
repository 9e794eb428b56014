import { FIXTURE_WORDS, fixtureKind } from "../fixtures/kinds/list";

import type { MaterialOf } from "../materials/schema";

/** What is hung on a shell, one line a kind; prices differ by label, and are typed. */
export const FIXTURE_MATERIALS: readonly MaterialOf<"hardware">[] = FIXTURE_WORDS.map(([kind, word]) => {
  const id = fixtureKind({ kind }).materialId;
  return {
    ...{ id, class: "hardware", sold: "piece", labelFigures: {} },
    name: `${word.charAt(0).toUpperCase()}${word.slice(1)}`,
    note: "Its label's figures are typed at the fixture; prices differ.",
    packs: [{ id: `${id}-1`, name: "one", content: 1, priceMinor: null }],
  };
});
