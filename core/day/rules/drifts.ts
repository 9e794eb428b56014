import type { Snag } from "../../ledgers/ledger";
import { formatNumber } from "../../units/format";
import { type About, toldOf } from "./told";

/** A gauge that drifts by itself: what it reads next week is not the air. */
export function driftSnags({ day: { drift } }: About): Snag[] {
  if (!drift) return [];
  return [
    toldOf("gauge-drifts", "gauge", {
      severity: "mind",
      title: `The gauge at ${drift.place} drifts`,
      sentence: `By about ${formatNumber(Math.abs(drift.rhPerWeek), 1)} % rh a week, ${drift.rhPerWeek > 0 ? "upwards" : "downwards"}: more than any shell that goes on as it does.`,
      reason:
        "Hold it beside another, or in a closed bag with damp salt, where it should show 75 % (common practice, no source); a new battery first.",
    }),
  ];
}
