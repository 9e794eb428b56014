import type { Snag } from "../../ledgers/ledger";
import type { Bench } from "./bench";

/** Residents that are in while a check of the closing list is open. */
export function closingSnags({ steps, stands, closing }: Bench): Snag[] {
  const open = closing.filter(({ passed }) => !passed);
  const isIn = steps.some((s) => s.reaches?.includes("residentsIn") && stands.get(s.id)?.done);
  if (!isIn || open.length === 0) return [];
  return [
    {
      rule: "bench/closing-open",
      subject: "closing",
      severity: "stop",
      stage: "bench",
      title: "Residents are in, and the closing list is open",
      sentence: `Not ticked: ${open.map(({ title }) => title.toLowerCase()).join(", ")}.`,
      reason: "Look at each now: what was forgotten is found by the animal (common practice, no source).",
    },
  ];
}
