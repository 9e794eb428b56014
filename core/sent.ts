import { chosenVariant, variantPath } from "./document/variant";
import { WAYS } from "./escape/way";
import { type Fact, factsOf } from "./ledgers/facts";
import type { TradeLedger } from "./ledgers/ledger";
import type { Plan, PlanInput } from "./plan";
import { makeSite } from "./shell/site";

/** A plan as plain data: without what is made again from the design it is of. */
export interface SentPlan extends Omit<Plan, "site" | "facts" | "ledgers"> {
  told: Fact[];
  ledgers: [id: string, ledger: TradeLedger][];
}

/** Ways out as they are told hold what would close them, which is a function; the audit has them without. */
const isData = ({ key }: Fact) => key !== WAYS.key;

/** A plan as it is sent from the server to a page. */
export function sendable({ site: _, facts: __, ledgers, ...plan }: Plan): SentPlan {
  const own = [...ledgers].map(([id, ledger]): [string, TradeLedger] => [
    id,
    { ...ledger, facts: ledger.facts.filter(isData) },
  ]);
  return { ...plan, ledgers: own, told: own.flatMap(([, ledger]) => ledger.facts) };
}

/**
 * A plan from what was sent of it.
 * @param input what it is the plan of
 */
export function received(
  { told, ledgers, ...plan }: SentPlan,
  input: Pick<PlanInput, "design" | "book" | "workshop">,
): Plan {
  const { design, book, workshop } = input;
  return {
    ...plan,
    site: makeSite({
      ...{ brief: design.brief, variant: chosenVariant(design), shell: plan.shell, book, workshop },
      at: (path) => variantPath(design, path),
    }),
    facts: factsOf(told),
    ledgers: new Map(ledgers),
  };
}
