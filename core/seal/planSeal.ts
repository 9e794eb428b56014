import type { TradeLedger } from "../ledgers/ledger";
import type { Site } from "../ledgers/site";
import { sealedSeams, sealFigures, sealSupplies } from "./beads";
import { decisionSnags } from "./decisions";
import { sealSnags } from "./snags";
import { planStacks } from "./stack/planStacks";
import { airOut, beadSteps } from "./steps";
import type { TestStanding } from "./test/standing";
import { dividerSnags, galvanisedSnags } from "./wetFaces";

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
    steps: [
      ...stacks.steps,
      ...(seams.length === 0 ? [] : beadSteps(site, figures, test.status === "leaks")),
      ...airOut(site, seams),
    ],
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
