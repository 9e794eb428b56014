import { isMade } from "../../design/found";
import { fact } from "../../ledgers/facts";
import { emptyLedger, type TradeLedger } from "../../ledgers/ledger";
import { MASS } from "../../ledgers/masses";
import { HUNG } from "../facts";
import type { Here } from "../kind";
import { lockSteps, lockSupplies } from "../lock/lock";
import { groovedBinds } from "./binds";
import { groovedFigures } from "./figures";
import type { GroovedJob } from "./job";
import { groovedParts, groovedSupplies } from "./parts";
import { groovedSnags } from "./snags";
import { groovedSteps } from "./steps";

/** What a pane in grooves comes to. */
export function planGrooved(here: Here, job: GroovedJob): TradeLedger {
  const { closure } = job.of;
  const made = isMade(closure);
  return {
    ...emptyLedger(),
    parts: made ? groovedParts(here, job) : [],
    supplies: [...(made ? groovedSupplies(here, job) : []), ...lockSupplies(here, closure)],
    steps: [
      ...(made ? groovedSteps(here, job) : []),
      ...lockSteps(here, closure, "Shut it, and fit the lock where it is drawn out."),
    ],
    snags: [...groovedSnags(here, job), ...groovedBinds(here, job)],
    figures: groovedFigures(here, job),
    facts: [
      fact(MASS, { when: "doors", kg: job.kg }),
      ...(here.opening.face === "front" ? [fact(HUNG, { label: "The pane", kg: job.kg, beforeMm: 0 })] : []),
    ],
  };
}
