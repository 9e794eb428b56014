import type { Step } from "./ledger";

/** Steps that wait only for steps that are there: what a trade waits for may be another's that this build has not. */
export function waitsThatAre(steps: readonly Step[]): Step[] {
  const there = new Set(steps.map((s) => s.id));
  return steps.map((step) =>
    step.after.every(({ id }) => there.has(id))
      ? step
      : { ...step, after: step.after.filter(({ id }) => there.has(id)) },
  );
}
