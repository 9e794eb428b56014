import { type LocalMinutes, parseLocal } from "../design/localTime";
import type { Log, LogEntry } from "../log/schema";
import { standing } from "../log/standing";
import type { StepDone } from "./schema";
import { coldFactor } from "./warmth";

/** How a step stands by the log. */
export interface StepStands {
  state: "begun" | "left" | "done";
  /** The entry that says so: what is taken back to undo it. */
  entry: string;
  /** When that was. */
  at: LocalMinutes;
  /** Minutes spent on it so far by the clock, sessions that were broken off. */
  spentMinutes: number;
  /** What was told when it was done. */
  done?: StepDone;
  /** When what waits for it may go on. */
  readyAt?: LocalMinutes;
}

const minutesOf = ({ at }: LogEntry) => parseLocal(at) ?? 0;

/**
 * Every step the log speaks of, as it now stands. Taken back entries are as if they had never been.
 * @param log of one build, oldest first
 */
export function stepsStanding(log: Log): Map<string, StepStands> {
  const steps = new Map<string, StepStands>();
  for (const entry of standing(log)) {
    const { event, id } = entry;
    const at = minutesOf(entry);
    switch (event.kind) {
      case "step-begun": {
        const spentMinutes = steps.get(event.step)?.spentMinutes ?? 0;
        steps.set(event.step, { state: "begun", entry: id, at, spentMinutes });
        break;
      }
      case "step-left": {
        const was = steps.get(event.step);
        const since = was?.state === "begun" ? Math.max(0, at - was.at) : 0;
        steps.set(event.step, { state: "left", entry: id, at, spentMinutes: (was?.spentMinutes ?? 0) + since });
        break;
      }
      case "step-done": {
        const spentMinutes = event.minutes ?? steps.get(event.step)?.spentMinutes ?? 0;
        const readyAt = at + event.waitMinutes * coldFactor(event.roomC);
        steps.set(event.step, { state: "done", entry: id, at, spentMinutes, done: event, readyAt });
        break;
      }
      case "step-again":
        steps.delete(event.step);
    }
  }
  return steps;
}
