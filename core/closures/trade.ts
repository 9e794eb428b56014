import { type PlacedWay, WAYS } from "../escape/way";
import { type Facts, fact } from "../ledgers/facts";
import { set } from "../ledgers/fix";
import { emptyLedger, gather, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import { RAIL_SAG } from "../shell/facts";
import { kindOf } from "../shell/kinds/index";
import type { Site } from "../shell/site";
import type { StageInfo } from "../trade/stage";
import type { Trade } from "../trade/trade";
import { auditAll, auditFigures, auditSnags, auditStep } from "./audit";
import { AUDIT, HUNG } from "./facts";
import { type Closed, closedOpenings } from "./here";
import { closureKind } from "./kinds/index";
import { lockWords } from "./lock/words";
import { lockSnags } from "./lockSnags";
import { openSnags } from "./openSnags";

const frontStage: StageInfo = { id: "front", key: "4", label: "Front & lid", group: "design" };

/** The ways out of an opening: of what closes it, or the opening itself. */
function waysOf({ closure, opening, here }: Closed): PlacedWay[] {
  if (closure) return closureKind(closure).ways(here, closure);
  return [
    {
      ...{ id: here.own("front"), where: opening.face, stage: "front", cover: lockWords(null), standsOpen: true },
      way: { name: opening.face === "top" ? "open top" : "open front", kind: "slot", nominalMm: opening.heightMm },
    },
  ];
}

/** The gaps a shell came with. */
const foundWays = ({ shell, at }: Site, [main]: readonly Closed[]): PlacedWay[] =>
  shell.gaps.map(
    ({ id, label, kind, mm, cover, mend }): PlacedWay => ({
      ...{ id, where: shell.openings[0].face, stage: "front", cover: cover ?? lockWords(main?.closure?.lock) },
      way: kind === "slot" ? { name: label, kind, nominalMm: mm } : { name: label, kind, diameterMm: mm },
      ...(mend && { mend: () => ({ label: mend.label, patch: [set(at(mend.path), mend.value)] }) }),
    }),
  );

/** Doors, lids and locks, and the escape audit over all there is. */
function planClosures(site: Site, facts: Facts): TradeLedger {
  const openings = closedOpenings(site, facts);
  const audit = auditAll(site, [...openings.flatMap(waysOf), ...foundWays(site, openings), ...facts.all(WAYS).flat()]);
  return gather([
    ...openings.map(({ closure, here }) =>
      closure ? closureKind(closure).plan(here, closure) : { ...emptyLedger(), snags: openSnags(here) },
    ),
    {
      ...emptyLedger(),
      steps: [auditStep(audit.audits.length > 0)],
      snags: [
        ...auditSnags(site, audit),
        ...openings.flatMap(({ closure, here }) => (closure ? lockSnags(here, closure) : [])),
      ],
      figures: auditFigures(site, audit.audits),
      facts: [fact(AUDIT, audit)],
    },
  ]);
}

export const closuresTrade: Trade = {
  id: "closures",
  stage: frontStage,
  reads: ["closures", "features"],
  needs: [RAIL_SAG, WAYS],
  gives: [AUDIT, HUNG, MASS],
  check({ closures, shell }, checker) {
    const { openings, label } = kindOf(shell);
    closures.forEach((closure, i) => {
      const path = `/closures/${i}`;
      const rule = openings.find((o) => o.id === closure.opening);
      if (!rule) checker.add(`${path}/opening`, `A ${label.toLowerCase()} has no opening “${closure.opening}”.`);
      else if (!closureKind(closure).suits(rule))
        checker.add(path, `A ${label.toLowerCase()} cannot be closed this way. Choose another door or lid.`);
      else closureKind(closure).check(closure, path, checker);
    });
    for (const { id, mayStandOpen } of openings)
      if (!mayStandOpen && !closures.some((c) => c.opening === id))
        checker.add("/closures", `A ${label.toLowerCase()} has doors of its own. Say that they close it.`);
  },
  plan: (site, { facts }) => planClosures(site, facts),
};
