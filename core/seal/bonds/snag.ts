import type { Severity, Snag } from "../../ledgers/ledger";
import type { Bond, Holding } from "./table";

const SEVERITY: Record<Exclude<Holding, "holds">, Severity> = {
  never: "stop",
  risky: "mind",
  holdsIf: "mind",
  unknown: "note",
};
const TITLE: Record<Exclude<Holding, "holds">, string> = {
  never: "will not hold",
  risky: "may let go",
  holdsIf: "holds under a condition",
  unknown: "not known",
};

/** How a bond that does not simply hold is told: how grave, under which title, and why. */
export const bondWords = (
  name: string,
  holding: Exclude<Holding, "holds">,
  bond: Bond,
): Pick<Snag, "severity" | "title" | "reason"> => ({
  severity: SEVERITY[holding],
  title: `${name}: ${TITLE[holding]}`,
  reason: `${bond.reason}${bond.cure ? ` ${bond.cure}` : ""} (${bond.basis.kind === "memory" ? "from memory" : "common practice, no source"}.)`,
});
