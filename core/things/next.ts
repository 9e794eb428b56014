import { isVent } from "../features/vents";
import type { Snag } from "../ledgers/ledger";
import type { Plan } from "../plan";
import { thingOf, thingsOf } from "./list";
import type { Thing } from "./thing";

/** What to do next: where, in words, and what is taken in hand there. */
export interface Next {
  says: string;
  stage: string;
  thing?: Pick<Thing, "kind" | "id">;
}

const find = (plan: Plan, kind: Thing["kind"], id?: string) =>
  thingsOf(plan).find((t) => t.kind === kind && (id === undefined || t.id === id));

/** What a stage wants before anything can be judged there; none once it has it. */
const ASKS: readonly { stage: string; ask: (plan: Plan) => Omit<Next, "stage"> | undefined }[] = [
  {
    stage: "brief",
    ask: ({ site }) => (site.brief.residents.length === 0 ? { says: "Say who will live in it" } : undefined),
  },
  {
    stage: "brief",
    ask: (plan) => {
      const unmeasured = plan.site.brief.residents.find((r) => r.narrowestRigid === null && r.refusedGap === null);
      const thing = unmeasured && find(plan, "resident", unmeasured.id);
      return thing && { says: `Measure ${thing.name.toLowerCase()} across its narrowest rigid part`, thing };
    },
  },
  {
    stage: "front",
    ask: (plan) => {
      const open = thingsOf(plan).find((t) => t.kind === "closure" && t.paths.length === 0);
      return open && { says: `Close the ${open.face}`, thing: open };
    },
  },
  {
    stage: "air",
    ask: ({ site, audit }) =>
      site.variant.features.some(isVent) || audit.ways.some((w) => w.vent)
        ? undefined
        : { says: "Give it a vent low on one side and one high on the other" },
  },
];

const isOpen = ({ waived }: Snag) => !waived;

/**
 * What to do next, in the order decisions bind one another: what stops a stage or is still wanted there, then what warns,
 * then what is bought, then the first step of the diary.
 * @param stages ids of all stages, in that order
 */
export function nextOf(plan: Plan, stages: readonly string[]): Next | undefined {
  const snags = plan.snags.filter(isOpen);
  const at = (snag: Snag): Next => {
    const thing = thingOf(snag, plan);
    return { says: snag.title, stage: snag.stage, ...(thing && { thing }) };
  };
  for (const id of stages) {
    const stop = snags.find((s) => s.stage === id && s.severity === "stop");
    if (stop) return at(stop);
    for (const { stage, ask } of ASKS) {
      const asked = stage === id ? ask(plan) : undefined;
      if (asked) return { ...asked, stage };
    }
  }
  for (const id of stages) {
    const warning = snags.find((s) => s.stage === id && s.severity === "mind");
    if (warning) return at(warning);
  }
  if (plan.buying.lines.some((l) => l.likely.length > 0)) return { says: "Buy what is on the list", stage: "buying" };
  const [first] = plan.diary.entries;
  const step = first && find(plan, "step", first.stepId);
  return step && { says: step.name, stage: "diary", thing: step };
}
