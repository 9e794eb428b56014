import { type Facts, fact } from "../ledgers/facts";
import { emptyLedger, type Step, type TradeLedger, type Wait } from "../ledgers/ledger";
import { FACE_MASS } from "../ledgers/masses";
import { findMaterial } from "../materials/find";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { sealedSeams, sealFigures, sealSupplies } from "./beads";
import { decisionSnags } from "./decisions";
import { BEADED, SPLIT_MET } from "./facts";
import { planLiner } from "./liner/plan";
import { sealSnags } from "./snags";
import { coatMasses, planStacks } from "./stack/planStacks";
import { sealStage } from "./stage";
import { airOut, beadSteps, testSteps } from "./steps";
import { TEST, UNTESTED } from "./test/facts";
import type { TestSeen } from "./test/standing";
import { waterSnags } from "./waterSnags";
import { galvanisedSnags } from "./wetFaces";

/** What begins the sealing waits for the survey: a shell that was found is measured and clean before anything sticks to it. */
function afterSurvey(steps: readonly Step[]): Step[] {
  const own = new Set(steps.map((s) => s.id));
  const survey: Wait = { reached: "surveyed", because: "it is measured and clean before anything sticks to it" };
  return steps.map((s) =>
    s.after.some((a) => "id" in a && own.has(a.id)) ? s : { ...s, after: [survey, ...s.after] },
  );
}

/**
 * Stacks, beads, the water test and the airing.
 * @param test where the water test stands by the log
 */
function planSeal(site: Site, test: TestSeen, facts: Facts): TradeLedger {
  const figures = sealFigures(site);
  const seams = sealedSeams(site);
  const stacks = planStacks(site);
  const liner = planLiner(site);
  return {
    ...emptyLedger(),
    parts: liner.parts,
    supplies: [...stacks.supplies, ...sealSupplies(site, figures), ...liner.supplies],
    steps: afterSurvey([
      ...stacks.steps,
      ...(seams.length === 0 ? [] : beadSteps(site, figures, test.status === "leaks")),
      ...liner.steps,
      ...testSteps(site, test),
      ...airOut(site, seams),
    ]),
    snags: [
      ...sealSnags(site, seams),
      ...waterSnags(site, test),
      ...stacks.snags,
      ...liner.snags,
      ...galvanisedSnags(site),
      ...decisionSnags(site, facts),
    ],
    figures: [...figures, ...stacks.figures, ...liner.figures],
    facts: [
      ...coatMasses(site).map((m) => fact(FACE_MASS, m)),
      fact(
        BEADED,
        seams.map((s) => s.id),
      ),
    ],
  };
}

export const sealTrade: Trade = {
  id: "seal",
  stage: sealStage,
  reads: ["seal", "dividers", "vessels", "features", "ground"],
  needs: [TEST, SPLIT_MET],
  gives: [FACE_MASS, BEADED],
  check({ seal }, { between, add, book }) {
    if (!findMaterial(book, seal.sealant, "sealant"))
      add("/seal/sealant", `The book has no sealant “${seal.sealant}”. Choose another.`);
    between("/seal/leg", seal.leg, 2, 40, "A bead");
    between("/seal/standingWater", seal.standingWater, 1, 1500, "Standing water");
    between("/seal/airingDays", seal.airingDays, 0, 60, "Airing, in days,");
  },
  plan: (site, { facts }) => planSeal(site, facts.one(TEST) ?? UNTESTED, facts),
};
