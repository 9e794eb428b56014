import { SOON_DAYS } from "../../ground/drain";
import { set } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import type { DayAnswer } from "../answer";
import { daysToFill } from "../drain";

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
