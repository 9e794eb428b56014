import { factKey } from "../ledgers/facts";
import type { Audit } from "./escape";
import type { PlacedWay } from "./way";

/** A way out as it is told: with what closes it in place, and without what could. */
export type ToldWay = Omit<PlacedWay, "mend" | "mends">;

/** Every way out, and how each resident passes them. */
export interface AuditFact {
  ways: ToldWay[];
  audits: Audit[];
}
export const AUDIT = factKey<AuditFact>("audit");

/** The audit's figure: what each snag of a way out is told by. */
export const AUDIT_FIGURE = "front/audit";
