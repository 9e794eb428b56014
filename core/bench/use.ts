import type { Step, Supply } from "../ledgers/ledger";
import type { StepStands } from "./standing";

/** What one step takes of a material by the plan. */
export interface StepUse {
  materialId: string;
  label: string;
  unit: Supply["unit"];
  likely: number;
  /** At the rates everyone starts from. */
  atStart: number;
}

/** Minutes stand for how much of a material a step takes; one that takes none still takes a share. */
const weight = ({ startMinutes, handsOnMinutes }: Step) => Math.max(1, startMinutes ?? handsOnMinutes);

/** Steps that use each material; asked for once where many steps are looked at. */
export function usersOf(steps: readonly Step[]): Map<string, Step[]> {
  const users = new Map<string, Step[]>();
  for (const step of steps)
    for (const id of new Set(step.uses ?? [])) {
      const list = users.get(id);
      if (list) list.push(step);
      else users.set(id, [step]);
    }
  return users;
}

/**
 * What a step takes: its share of each supply by its minutes among those of all steps that use it.
 * @param supplies as the builder uses them, and `atStart` at the book's rates, in the same order
 */
export function stepTakes(
  step: Step,
  steps: readonly Step[],
  supplies: readonly Supply[],
  atStart: readonly Supply[] = supplies,
  users: ReadonlyMap<string, Step[]> = usersOf(steps),
): StepUse[] {
  const found = new Map<string, StepUse>();
  for (const [i, supply] of supplies.entries()) {
    const by = users.get(supply.materialId);
    if (!by?.some((s) => s.id === step.id)) continue;
    const share = weight(step) / by.reduce((a, s) => a + weight(s), 0);
    const before = found.get(supply.materialId);
    found.set(supply.materialId, {
      ...{ materialId: supply.materialId, label: supply.label, unit: supply.unit },
      likely: (before?.likely ?? 0) + supply.likely * share,
      atStart: (before?.atStart ?? 0) + (atStart[i]?.likely ?? supply.likely) * share,
    });
  }
  return [...found.values()];
}

/** Materials all of whose steps are done: nothing more is bought of them. */
export function usedUp(steps: readonly Step[], stands: ReadonlyMap<string, StepStands>): Set<string> {
  if (stands.size === 0) return new Set();
  const isDone = ({ id }: Step) => stands.get(id)?.state === "done";
  return new Set([...usersOf(steps)].flatMap(([material, by]) => (by.every(isDone) ? [material] : [])));
}

/**
 * What is still needed of each supply: the share of the steps that use it and are not done. A supply no step names is
 * needed whole.
 */
export function stillNeeded(
  supplies: readonly Supply[],
  steps: readonly Step[],
  stands: ReadonlyMap<string, StepStands>,
): Supply[] {
  if (stands.size === 0) return [...supplies];
  const users = usersOf(steps);
  return supplies.map((supply) => {
    const by = users.get(supply.materialId);
    if (!by) return supply;
    const all = by.reduce((a, s) => a + weight(s), 0);
    const left = by.reduce((a, s) => a + (stands.get(s.id)?.state === "done" ? 0 : weight(s)), 0);
    const share = left / all;
    if (share === 1) return supply;
    return { ...supply, likely: supply.likely * share, low: supply.low * share, high: supply.high * share };
  });
}
