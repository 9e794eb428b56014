import type { Step, TradeLedger } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { sealedSeams, sealFigures, sealSupplies } from "./beads";
import { decisionSnags } from "./decisions";
import { sealSnags } from "./snags";
import { planStacks } from "./stack/planStacks";
import { airOut, beadSteps } from "./steps";
import type { TestStanding } from "./test/standing";
import { dividerSnags, galvanisedSnags } from "./wetFaces";

/** What begins the sealing waits for the survey: a shell that was found is measured and clean before anything sticks to it. */
function afterSurvey(steps: readonly Step[]): Step[] {
  const own = new Set(steps.map((s) => s.id));
  const survey = { id: "shell/survey", because: "it is measured and clean before anything sticks to it" };
  return steps.map((s) => (s.after.some(({ id }) => own.has(id)) ? s : { ...s, after: [survey, ...s.after] }));
}

/**
 * Stacks, beads, the water test and the airing.
 * @param test where the water test stands by the log
 */
export function planSeal(site: Site, test: Pick<TestStanding, "status">): TradeLedger {
  const figures = sealFigures(site);
  const seams = sealedSeams(site);
  const stacks = planStacks(site);
  return {
    parts: [],
    supplies: [...stacks.supplies, ...sealSupplies(site, figures)],
    steps: afterSurvey([
      ...stacks.steps,
      ...(seams.length === 0 ? [] : beadSteps(site, figures, test.status === "leaks")),
      ...airOut(site, seams),
    ]),
    snags: [
      ...sealSnags(site, seams),
      ...stacks.snags,
      ...galvanisedSnags(site),
      ...dividerSnags(site),
      ...decisionSnags(site),
    ],
    figures: [...figures, ...stacks.figures],
  };
}
