import { closedOpenings } from "../closures/here";
import { closureKind } from "../closures/kinds/index";
import { capital } from "../units/capital";
import { formatWithin } from "../units/within";
import type { Thing, ThingKind } from "./thing";

/** What closes an opening, or the opening itself while nothing does. */
export const closure: ThingKind = {
  rows: "closed",
  list: ({ site, facts }) =>
    closedOpenings(site, facts).map(({ opening, closure, here }): Thing => {
      const index = closure ? site.variant.closures.indexOf(closure) : -1;
      const what = closure ? closureKind(closure).what(opening) : opening.face === "top" ? "lid" : "doors";
      return {
        ...{ kind: "closure", id: opening.id, what: "closure", stage: "front", face: opening.face },
        name: capital(what),
        paths: closure ? [`/closures/${index}`] : [],
        says: closure ? closureKind(closure).summary(here, closure) : "stands open",
      };
    }),
};

/** A way out of the shell, with what closes it. */
export const way: ThingKind = {
  rows: "waysOut",
  list: ({ audit, site }) =>
    audit.ways
      .filter((w) => !w.standsOpen)
      .map((w): Thing => {
        const judged = audit.audits.flatMap((a) => a.ways.filter((o) => o.id === w.id));
        const worst = judged.sort((a, b) => b.worstMm / b.allowedMm - a.worstMm / a.allowedMm)[0];
        const cure = site.variant.cures.findIndex((c) => c.way === w.id);
        return {
          ...{ kind: "way", id: w.id, name: w.way.name, what: "way out", stage: "front" },
          paths: cure < 0 ? [] : [`/cures/${cure}`],
          unjudged: worst === undefined,
          says: worst ? formatWithin(worst.worstMm, worst.allowedMm, site.brief.units).join(" of ") : "not judged yet",
        };
      }),
};

/** A gap that was measured beside the survey. */
export const gap: ThingKind = {
  rows: "closed",
  list: ({ site }) =>
    site.variant.gaps.map(
      (g, i): Thing => ({
        ...{ kind: "gap", id: g.id, name: g.name, what: "measured gap", stage: "front", face: g.where },
        paths: [`/gaps/${i}`],
        says: `${g.where} · ${site.say(g.size.value, "up")}`,
      }),
    ),
  off: (variant, id) => {
    variant.gaps = variant.gaps.filter((g) => g.id !== id);
  },
};
