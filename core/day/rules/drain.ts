import { fillBalance } from "../../ground/balance";
import { SOON_DAYS } from "../../ground/drain";
import { drainRoom } from "../../ground/drainRoom";
import { set } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import type { DayAnswer } from "../answer";

/** Days until water reaches the barrier: by the month as it will be, and on from there; until then by a simple balance. Null where it never does. */
export function daysToFill(
  site: Pick<Site, "shell" | "variant" | "book">,
  answer: DayAnswer | undefined,
): number | null {
  const { ground } = site.variant;
  const simple = fillBalance(ground, drainRoom(site));
  if (!answer) return simple.days;
  if (answer.drainFullDay !== null) return answer.drainFullDay;
  // At the pace of the last week, which no longer has the first days' drying in it.
  const week = answer.month.drainMl.slice(-8);
  const perDay = week.length > 1 ? (week.at(-1)! - week[0]!) / (week.length - 1) : 0;
  const leftMl = 1000 * simple.capacityL - (answer.month.drainMl.at(-1) ?? 0);
  return perDay > 1 ? answer.month.drainMl.length + leftMl / perDay : null;
}

/** A drain layer that fills with no way out of it. */
export function drainSnags(site: Site, answer: DayAnswer | undefined, drainPort: boolean): Snag[] {
  const { ground } = site.variant;
  if (!ground.layers.some((l) => l.kind === "drain") || ground.outlet !== "none") return [];
  const days = daysToFill(site, answer);
  if (days === null || days >= SOON_DAYS.value) return [];
  const to = (outlet: string) => [set(site.at("/ground/outlet"), outlet)];
  return [
    {
      ...{
        rule: "ground/fills-up",
        subject: "outlet",
        severity: "mind",
        stage: "ground",
        figure: "ground/days-to-fill",
      },
      title: "The drainage layer fills up",
      sentence: `In about ${formatNumber(days, 0, "down")} days of this misting water stands at the barrier, and there is no way out for it.`,
      reason: `Those who skipped the way out wished they had not (common practice, no source). ${answer ? "By the month as it will be" : "The balance is simple, until the month is worked out"}: watch the level.`,
      fix: { label: "Stand a siphon pipe in it", patch: to("standpipe") },
      otherFixes: drainPort ? [{ label: "Drain through the port", patch: to("bulkhead") }] : [],
    },
  ];
}
