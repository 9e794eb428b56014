import { isMade } from "../../design/found";
import { fact } from "../../ledgers/facts";
import { emptyLedger, type TradeLedger, type Wait } from "../../ledgers/ledger";
import { MASS } from "../../ledgers/masses";
import { capital } from "../../units/capital";
import { HUNG } from "../facts";
import type { Here } from "../kind";
import { lockSteps, lockSupplies } from "../lock/lock";
import type { Closure } from "../schema";
import { unmakeable } from "./binding";
import { leafFigures } from "./figures";
import type { LeafJob } from "./job";
import { leafParts } from "./parts";
import { leafSnags } from "./snags";
import { leafSteps } from "./steps";
import { leafSupplies } from "./supplies";
import type { LeafWords } from "./words";

/** What closures made of leaves come to, locks and all. @param also what else must be over before they are hung */
export function planLeaves(
  here: Here,
  closure: Closure,
  job: LeafJob,
  words: LeafWords,
  also: readonly Wait[] = [],
): TradeLedger {
  const { sized, hanging } = job;
  if (!sized.ok) return { ...emptyLedger(), snags: unmakeable(here, job, words) };
  const { value } = sized;
  const made = isMade(closure);
  const kg = value.leaf.massKg * hanging.leaves;
  return {
    ...emptyLedger(),
    parts: made ? leafParts(here, job, value, words) : [],
    supplies: [...(made ? leafSupplies(here, job, value, words) : []), ...lockSupplies(here, closure)],
    steps: [
      ...(made ? leafSteps(here, job, value, words, also) : []),
      ...lockSteps(here, closure, "Shut it, and fit the lock where it opens."),
    ],
    snags: leafSnags(here, job, value, words),
    figures: leafFigures(here, job, value, words),
    facts: [
      fact(MASS, { when: "doors", kg }),
      ...(here.opening.face === "front"
        ? [
            fact(HUNG, {
              label: capital(words.all),
              kg,
              // Open, its middle hangs half its width before the front.
              beforeMm: hanging.hinges ? value.leaf.widthMm / 2 : 0,
            }),
          ]
        : []),
    ],
  };
}
