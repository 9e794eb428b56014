import { withCures } from "../cures/apply";
import { isMade, isReplaced } from "../design/found";
import { AUDIT } from "../escape/facts";
import { type PlacedWay, WAYS } from "../escape/way";
import { frontStage } from "../features/stages";
import { type Facts, fact } from "../ledgers/facts";
import { emptyLedger, gather, type Step, type TradeLedger } from "../ledgers/ledger";
import { MASS } from "../ledgers/masses";
import type { Log } from "../log/schema";
import { BULK } from "../passing/facts";
import { RAIL_SAG } from "../shell/facts";
import { meshSupplies } from "../shell/found/mesh";
import { kindOf } from "../shell/kinds/index";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import { auditAll, auditFigures, auditSnags, auditStep } from "./audit";
import { HUNG } from "./facts";
import { gapWay } from "./gapWay";
import { type Closed, closedOpenings } from "./here";
import { closureKind } from "./kinds/index";
import { lockWords } from "./lock/words";
import { lockSnags } from "./lockSnags";
import { openSnags } from "./openSnags";
import { planRoom } from "./room/plan";
import { secondDoorSnags } from "./secondDoor";
import { SHUTTING } from "./shutting/facts";
import { shuttingSnags, shuttings } from "./shutting/shutting";
import { WALK } from "./walk/facts";
import { walkRound, walkSnags } from "./walk/walk";

/** The ways out of an opening: of what closes it, or the opening itself. */
function waysOf({ closure, opening, here }: Closed): PlacedWay[] {
  const ways = closure ? closureKind(closure).ways(here, closure) : [];
  // What cannot be made as it is drawn closes nothing.
  if (closure && (ways.length > 0 || !isMade(closure))) return ways;
  return [
    {
      ...{ id: here.own("front"), where: opening.face, stage: "front", cover: lockWords(null), standsOpen: true },
      way: { name: opening.face === "top" ? "open top" : "open front", kind: "slot", nominalMm: opening.heightMm },
    },
  ];
}

/** The gaps a shell came with that belong to none of its doors and lids. */
const ownWays = (site: Site): PlacedWay[] =>
  site.shell.gaps.filter((gap) => gap.opening === undefined).map((gap) => gapWay(site, gap, lockWords(null)));

/** Whether something made takes the place of what came with the shell. */
const takesOff = ({ closure, rule }: Closed): boolean =>
  closure !== undefined && isMade(closure) && (rule.shutAsFound || isReplaced(closure));

/** What is made for an opening waits until what was there is off. */
const afterTakeOff = (closed: Closed, ledger: TradeLedger): TradeLedger =>
  takesOff(closed)
    ? {
        ...ledger,
        steps: ledger.steps.map((step) => ({
          ...step,
          after: [...step.after, { id: closed.here.id("take-off"), because: "what was there must be off" }],
        })),
      }
    : ledger;

/** What came with the shell comes off where something made takes its place. */
function takeOffSteps(closed: Closed): Step[] {
  const { here, rule } = closed;
  if (!takesOff(closed)) return [];
  const what = rule.face === "top" ? "lid" : "doors";
  return [
    {
      id: here.id("take-off"),
      title: `Take its own ${what} off for good`,
      detail:
        "Hinges, tracks and clips off with it; what they leave behind is scraped clean, open holes are told as gaps.",
      stage: "front",
      handsOnMinutes: RATES.takeOff.value,
      waitMinutes: 0,
      after: [{ reached: "surveyed", because: "it is measured first" }],
      reaches: ["doorsOff"],
      splittable: true,
      toHand: ["screwdriver", "scraper"],
      cautions: [CAUTION.glass],
    },
  ];
}

/** Doors, lids and locks, and the escape audit over all there is. */
function planClosures(site: Site, facts: Facts, log: Log): TradeLedger {
  const openings = closedOpenings(site, facts);
  const ways = [...openings.flatMap(waysOf), ...ownWays(site), ...facts.all(WAYS).flat()];
  const audit = auditAll(site, withCures(ways, site.variant.cures, site.book));
  const walk = walkRound(audit, log, site.brief.units);
  const shut = shuttings(openings, log);
  return gather([
    ...openings.map((closed) => {
      const { closure, here } = closed;
      if (!closure) return { ...emptyLedger(), snags: openSnags(here) };
      const ledger = closureKind(closure).plan(here, closure);
      const mesh = meshSupplies(site, ledger.parts, here.id("cloth"));
      return afterTakeOff(closed, { ...ledger, supplies: [...ledger.supplies, ...mesh] });
    }),
    planRoom(openings),
    {
      ...emptyLedger(),
      steps: [...openings.flatMap(takeOffSteps), auditStep(audit.audits.length > 0)],
      snags: [
        ...auditSnags(site, audit),
        ...walkSnags(walk),
        ...shuttingSnags(shut),
        ...secondDoorSnags(site),
        ...openings.flatMap(({ closure, here }) => (closure ? lockSnags(here, closure) : [])),
      ],
      figures: auditFigures(audit),
      facts: [
        fact(WALK, walk),
        fact(SHUTTING, shut),
        fact(AUDIT, { ...audit, ways: audit.ways.map(({ mend: _, mends: __, ...way }) => way) }),
      ],
    },
  ]);
}

export const closuresTrade: Trade = {
  id: "closures",
  stage: frontStage,
  reads: ["closures", "features", "cures", "shell", "background"],
  needs: [RAIL_SAG, WAYS, BULK],
  gives: [AUDIT, WALK, SHUTTING, HUNG, MASS],
  check({ closures, shell }, checker) {
    const { label, openings: openingsOf } = kindOf(shell);
    const openings = openingsOf(shell);
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
  plan: (site, { facts, log }) => planClosures(site, facts, log),
};
