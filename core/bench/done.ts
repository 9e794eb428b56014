import type { LocalMinutes } from "../design/localTime";
import type { Supply } from "../ledgers/ledger";
import type { StepDone, Used } from "./schema";
import { type StepUse, stepTakes } from "./use";
import { type BenchOf, waitsOf } from "./view";

/** What whoever did a step says of it. */
export interface SaidOfStep {
  /** Minutes it took; null for nobody looked. */
  minutes: number | null;
  roomC: number | null;
  used: readonly Pick<Used, "material" | "amount">[];
  batch: string;
  passed: boolean | null;
  by: string;
  note: string;
}

/** What a plan holds that a step's entry is made of. */
interface DoneOf extends BenchOf {
  supplies: readonly Supply[];
  startSupplies: readonly Supply[];
}

/** What a step takes by the plan. */
export const usesOf = (stepId: string, of: DoneOf): StepUse[] => {
  const step = of.steps.find((s) => s.id === stepId);
  return step ? stepTakes(step, of.steps, of.supplies, of.startSupplies) : [];
};

/**
 * The entry of a step that is done: what the plan had of it, beside what is said of it. What it was to wait for is kept with
 * it where that was not over.
 * @returns undefined for a step the plan has not
 */
export function doneEvent(stepId: string, of: DoneOf, said: SaidOfStep, now: LocalMinutes): StepDone | undefined {
  const step = of.steps.find((s) => s.id === stepId);
  if (!step) return undefined;
  const uses = usesOf(stepId, of);
  return {
    kind: "step-done",
    step: stepId,
    title: step.title,
    work: step.work ?? null,
    plannedMinutes: step.handsOnMinutes,
    startMinutes: step.startMinutes ?? step.handsOnMinutes,
    waitMinutes: step.waitMinutes,
    ...{ minutes: said.minutes, roomC: said.roomC, batch: said.batch, passed: said.passed, by: said.by },
    note: said.note,
    used: uses.map(({ materialId, label, unit, atStart }): Used => {
      const amount = said.used.find((u) => u.material === materialId)?.amount ?? 0;
      return { material: materialId, name: label, unit, amount, planned: atStart };
    }),
    before: waitsOf(step, of, now).flatMap(({ state, title }) => (state === "over" ? [] : [title])),
  };
}
