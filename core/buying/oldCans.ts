import type { Snag, Supply } from "../ledgers/ledger";
import { materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import type { Stock } from "../stock/schema";

/** Foam in a can keeps about a year (label); older cans may be dead. */
const KEEPS_MONTHS = 12;

const months = (at: string) => Number(at.slice(0, 4)) * 12 + Number(at.slice(5, 7));

/**
 * Cans on the shelf that are counted on and may be dead.
 * @param now local time of the workshop, `2026-03-02T09:00`
 */
export function oldCans(site: Site, supplies: readonly Supply[], stock: Stock, now: string): Snag[] {
  const foams = materialsOf(site.book, "foam");
  return foams.flatMap((foam): Snag[] => {
    const old = stock.onHand.filter(
      (s) => s.material === foam.id && s.since !== undefined && months(now) - months(s.since) > KEEPS_MONTHS,
    );
    if (old.length === 0 || !supplies.some((s) => s.materialId === foam.id)) return [];
    return [
      {
        rule: "buying/old-can",
        subject: foam.id,
        severity: "mind",
        stage: "background",
        title: "The old can may be dead",
        sentence: `${foam.name} on the shelf since ${old.map((s) => s.since).join(", ")}: it is counted on.`,
        reason: "Cans keep about a year (label). Try it on card before the first lift; nozzles harden too.",
      },
    ];
  });
}
