import type { Milestone, Reach, SettledStep, Step, Wait } from "./ledger";

/** Steps by the milestone they reach, and by the face or thing they reach it of. */
interface Reached {
  all: string[];
  /** Those that reach it whole. */
  whole: string[];
  of: Map<string, string[]>;
}

/** A milestone, and the face or thing it is reached of. */
function parted(reach: Reach): [Milestone, string | undefined] {
  const at = reach.indexOf(":");
  return at < 0 ? [reach as Milestone, undefined] : [reach.slice(0, at) as Milestone, reach.slice(at + 1)];
}

function reachedBy(steps: readonly Step[]): Map<Milestone, Reached> {
  const found = new Map<Milestone, Reached>();
  for (const { id, reaches = [] } of steps)
    for (const reach of reaches) {
      const [milestone, of] = parted(reach);
      const at: Reached = found.get(milestone) ?? { all: [], whole: [], of: new Map() };
      found.set(milestone, at);
      if (!at.all.includes(id)) at.all.push(id);
      if (of === undefined) at.whole.push(id);
      else at.of.set(of, [...(at.of.get(of) ?? []), id]);
    }
  return found;
}

/**
 * Puts the steps that there are in the place of what each step waits for. A milestone is reached when every step that says
 * so is over, and at once if none does; a step of another trade that this build has not is not waited for.
 * @param steps of all trades
 * @param also what a step waits for beside what it says itself
 * @returns the same steps, in the same order, none of them waiting for itself or for one thing twice
 * @example
 * const steps = settleWaits([
 *   { id: "saw", after: [], reaches: ["sawn"] },
 *   { id: "glue", after: [{ reached: "sawn", because: "it must be cut" }, { reached: "fetched", because: "…" }] },
 * ]);
 * steps[1].after; // [{ id: "saw", because: "it must be cut" }]
 */
export function settleWaits(
  steps: readonly Step[],
  also: (step: Step) => Wait | undefined = () => undefined,
): SettledStep[] {
  const there = new Set(steps.map((s) => s.id));
  const reached = reachedBy(steps);
  const reaching = (milestone: Milestone, of: string | undefined): readonly string[] => {
    const at = reached.get(milestone);
    if (!at) return [];
    return of === undefined ? at.all : [...at.whole, ...(at.of.get(of) ?? [])];
  };
  return steps.map((step) => {
    const after: SettledStep["after"] = [];
    const add = (id: string, because: string) => {
      if (id !== step.id && !after.some((a) => a.id === id)) after.push({ id, because });
    };
    const more = also(step);
    for (const wait of more ? [...step.after, more] : step.after)
      if (!("id" in wait)) for (const id of reaching(wait.reached, wait.of)) add(id, wait.because);
      else if (there.has(wait.id)) add(wait.id, wait.because);
    return { ...step, after };
  });
}
