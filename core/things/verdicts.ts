import { AUDIT_FIGURE } from "../escape/facts";
import type { Severity, Snag } from "../ledgers/ledger";
import type { Plan } from "../plan";
import { thingKey } from "./key";
import { thingOf } from "./list";

/** The worst that is said of a thing, by its key. */
export interface ToldVerdict {
  key: string;
  severity: Severity;
}

const RANK: Record<Severity, number> = { stop: 0, mind: 1, note: 2 };
const known = new WeakMap<Plan, ReadonlyMap<string, Severity>>();

/** A vent that lets somebody out is settled at the vent, and is a way out all the same. */
const wayKey = ({ subject }: Snag) => thingKey({ kind: "way", id: subject });

/** The worst that is said of each thing and not overridden, by its key; notes are no verdict. */
export function verdictsOf(plan: Plan): ReadonlyMap<string, Severity> {
  const kept = known.get(plan);
  if (kept) return kept;
  const worst = new Map<string, Severity>();
  for (const snag of plan.snags) {
    if (snag.waived || snag.severity === "note") continue;
    const thing = thingOf(snag, plan);
    const keys = [...(thing ? [thingKey(thing)] : []), ...(snag.figure === AUDIT_FIGURE ? [wayKey(snag)] : [])];
    for (const key of keys) {
      const before = worst.get(key);
      if (!before || RANK[snag.severity] < RANK[before]) worst.set(key, snag.severity);
    }
  }
  known.set(plan, worst);
  return worst;
}
