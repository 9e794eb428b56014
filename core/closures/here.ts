import type { Facts } from "../ledgers/facts";
import { kindOf } from "../shell/kinds/index";
import type { OpeningRule } from "../shell/kinds/kind";
import type { Opening } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Here } from "./kind";
import type { Closure } from "./schema";

/** An opening with what closes it, if anything does. */
export interface Closed {
  opening: Opening;
  closure: Closure | undefined;
  rule: OpeningRule;
  here: Here;
}

/** Every opening of the shell with its closure, the main one first. */
export function closedOpenings(site: Site, facts: Facts): Closed[] {
  const rules = kindOf(site.shell).openings(site.variant.shell);
  return site.shell.openings.map((opening, i): Closed => {
    const rule = rules.find((r) => r.id === opening.id)!;
    const index = site.variant.closures.findIndex((c) => c.opening === opening.id);
    return {
      opening,
      closure: site.variant.closures[index],
      rule,
      here: {
        ...{ site, opening, facts, path: site.at(`/closures/${Math.max(0, index)}`) },
        id: (thing) => (i === 0 ? `front/${thing}` : `front/${opening.id}/${thing}`),
        own: (thing) => (i === 0 ? thing : `${opening.id}-${thing}`),
      },
    };
  });
}
