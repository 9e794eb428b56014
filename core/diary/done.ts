import type { StepStands } from "../bench/standing";
import { type LocalMinutes, parseLocal } from "../design/localTime";
import type { SettledStep } from "../ledgers/ledger";

/** A step that is done. */
export interface DoneStep {
  stepId: string;
  title: string;
  doneAt: LocalMinutes;
  /** When what waits for it may go on. */
  readyAt: LocalMinutes;
  plannedMinutes: number;
  /** What it took; null while nobody said. */
  minutes: number | null;
  /** Whether the design still has it. */
  planned: boolean;
}

/** What is done, whether or not the design still has it. */
export const doneSteps = (steps: readonly SettledStep[], stands: ReadonlyMap<string, StepStands>): DoneStep[] =>
  [...stands]
    .flatMap(([stepId, { state, at, readyAt = at, done, spentMinutes }]): DoneStep[] => {
      const step = steps.find((s) => s.id === stepId);
      const title = step?.title ?? done?.title;
      if (state !== "done" || title === undefined) return [];
      const plannedMinutes = done?.plannedMinutes ?? step?.handsOnMinutes ?? 0;
      const minutes = done?.minutes ?? (spentMinutes > 0 ? spentMinutes : null);
      return [{ stepId, title, doneAt: at, readyAt, plannedMinutes, minutes, planned: step !== undefined }];
    })
    .sort((a, b) => a.doneAt - b.doneAt);

/**
 * Steps that a log of their own tells to be over are, as if somebody had ticked them, and so is all they waited for: a test
 * that was passed had its beads. A tick of the bench's stands.
 */
export function withOver(
  steps: readonly SettledStep[],
  stands: ReadonlyMap<string, StepStands>,
): ReadonlyMap<string, StepStands> {
  const over = steps.filter(({ id, overAt }) => overAt !== undefined && !stands.has(id));
  if (over.length === 0) return stands;
  const all = new Map(stands);
  const byId = new Map(steps.map((s) => [s.id, s]));
  const isOver = (id: string, at: LocalMinutes): void => {
    if (all.get(id)?.state === "done") return;
    all.set(id, { state: "done", entry: "", at, spentMinutes: 0, readyAt: at });
    for (const wait of byId.get(id)?.after ?? []) isOver(wait.id, at);
  };
  for (const { id, overAt } of over) isOver(id, parseLocal(overAt!) ?? 0);
  return all;
}
