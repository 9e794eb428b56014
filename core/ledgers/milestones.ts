import type { Milestone, Reach, SettledStep, Step, Wait } from "./ledger";

/** Steps by the milestone they reach, and by the face or thing they reach it of. */
interface Reached {
  all: string[];
  /** Those that reach it whole. */
  whole: string[];
  of: Map<string, string[]>;
}

/** A milestone, and the face or thing it is reached of. */
const parted = (reach: Reach) => reach.split(":") as [Milestone, string | undefined];

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
 * @returns the same steps, in the same order, none of them waiting for itself or for one thing twice
 * @example
 * const steps = settleWaits([
 *   { id: "saw", after: [], reaches: ["sawn"] },
 *   { id: "glue", after: [{ reached: "sawn", because: "it must be cut" }, { reached: "fetched", because: "…" }] },
 * ]);
 * steps[1].after; // [{ id: "saw", because: "it must be cut" }]
 */
export function settleWaits(steps: readonly Step[]): SettledStep[] {
  const there = new Set(steps.map((s) => s.id));
  const reached = reachedBy(steps);
  const stepsFor = (wait: Wait): readonly string[] => {
    if ("id" in wait) return there.has(wait.id) ? [wait.id] : [];
    const at = reached.get(wait.reached);
    if (!at) return [];
    return wait.of === undefined ? at.all : [...at.whole, ...(at.of.get(wait.of) ?? [])];
  };
  return steps.map((step) => {
    const after = new Map<string, string>();
    for (const wait of step.after)
      for (const id of stepsFor(wait)) if (id !== step.id && !after.has(id)) after.set(id, wait.because);
    return { ...step, after: [...after].map(([id, because]) => ({ id, because })) };
  });
}
