import type { Facts } from "../ledgers/facts";
import type { Snag } from "../ledgers/ledger";
import type { AirRange, Site } from "../shell/site";
import { over, under } from "../units/tolerance";
import { BINDS } from "./binds";
import { climateEnds } from "./door/ends";
import { closedOpenings } from "./here";
import { closureKind } from "./kinds/index";

const bindingOf = (site: Site, facts: Facts): Snag[] =>
  closedOpenings(site, facts).flatMap(({ closure, here }) =>
    closure
      ? closureKind(closure)
          .plan(here, closure)
          .snags.filter((s) => s.rule === BINDS)
      : [],
  );

/**
 * What binds in the air as it will be and not in that which doors and lids were sized for.
 * @param facts those that closures need
 * @param air driest to dampest, coldest to warmest, as worked out
 */
export function bindsBeyond(site: Site, facts: Facts, air: AirRange): Snag[] {
  const { dry, wet } = climateEnds(site);
  const isWithin =
    !under(air.tempC.low, dry.tempC) &&
    !under(air.rh.low, dry.rh) &&
    !over(air.tempC.high, wet.tempC) &&
    !over(air.rh.high, wet.rh);
  if (isWithin) return [];
  const known = new Set(bindingOf(site, facts).map((s) => s.subject));
  return bindingOf({ ...site, air }, facts).filter((s) => !known.has(s.subject));
}
