import type { Part } from "./ledger";

/** How a kind of part is made to measure. */
const MADE: Record<Part["kind"], { sawn: boolean }> = {
  panel: { sawn: true },
  pane: { sawn: true },
  bar: { sawn: true },
  ownPane: { sawn: true },
  mesh: { sawn: false },
  cloth: { sawn: false },
};

/** Whether a saw's or a glazier's tolerance is told of a part; what is cut with scissors or a knife has none. */
export const hasTolerance = ({ kind }: Pick<Part, "kind">): boolean => MADE[kind].sawn;
