import { bindsBeyond } from "../../closures/beyond";
import type { Facts } from "../../ledgers/facts";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import type { DayAnswer } from "../answer";
import { least, mean, most } from "../hours";

/**
 * Doors that bind in the air as it will be, though not in the band they were sized for. Wood follows the air by days: it is at
 * what each day comes to on the whole.
 */
export function doorSnags(site: Site, facts: Facts, { usual, ends }: DayAnswer): Snag[] {
  const days = [usual, ...Object.values(ends)];
  const means = days.map((d) => mean(d.rh));
  const rh = { low: Math.min(...means), high: Math.max(...means) };
  const tempC = {
    low: Math.min(...days.map((d) => least(d.tempC))),
    high: Math.max(...days.map((d) => most(d.tempC))),
  };
  return bindsBeyond(site, facts, { tempC, rh }).map((snag) => ({
    ...snag,
    rule: "day/doors-bind",
    reason: `By the air as it will be, which goes beyond what it was sized for. ${snag.reason}`,
    figure: "day/rh",
  }));
}
