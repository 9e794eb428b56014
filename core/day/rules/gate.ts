import type { Snag } from "../../ledgers/ledger";
import { type About, toldOf } from "./told";

/** Readings that say nobody may move in yet. */
export function gateSnags({ day: { gate } }: About): Snag[] {
  if (gate?.passes !== false) return [];
  return [
    toldOf("gate", "gauge", {
      severity: "stop",
      title: "The gauge says nobody moves in yet",
      sentence: gate.words,
      reason:
        "What was measured goes before what was worked out: set it right, run it empty again, and read it for three days.",
    }),
  ];
}
