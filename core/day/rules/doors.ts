import { bindsBeyond } from "../../closures/beyond";
import type { Facts } from "../../ledgers/facts";
import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import type { DayAnswer } from "../answer";
import { least, most } from "./told";

/** Doors that bind in the air as it will be, though not in the band they were sized for. */
export function doorSnags(site: Site, facts: Facts, { usual, ends }: DayAnswer): Snag[] {
  const days = [usual, ...Object.values(ends)];
  const over = (of: "tempC" | "rh") => ({
    low: Math.min(...days.map((d) => least(d[of]))),
    high: Math.max(...days.map((d) => most(d[of]))),
  });
  return bindsBeyond(site, facts, { tempC: over("tempC"), rh: over("rh") }).map((snag) => ({
    ...snag,
    rule: "day/doors-bind",
    reason: `By the air as it will be, which goes beyond what it was sized for. ${snag.reason}`,
    figure: "day/rh",
  }));
}
