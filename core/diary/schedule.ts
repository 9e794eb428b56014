import type { StepStands } from "../bench/standing";
import type { LocalMinutes } from "../design/localTime";
import type { SettledStep, Step } from "../ledgers/ledger";
import { findHands, hasHours, type Session } from "../workshop/calendar";
import type { Workshop } from "../workshop/schema";

/** A step laid on the builder's own hours. */
export interface Entry {
  stepId: string;
  sessions: Session[];
  startAt: LocalMinutes;
  handsEndAt: LocalMinutes;
  /** When its wait is over and what depends on it may start. */
  readyAt: LocalMinutes;
}

/** Minutes from a step's start to the end of all that depends on it, waits included: its urgency. */
function tails(steps: readonly SettledStep[]): Map<string, number> {
  const followers = new Map<string, SettledStep[]>();
  for (const step of steps)
    for (const { id } of step.after) {
      const known = followers.get(id);
      if (known) known.push(step);
      else followers.set(id, [step]);
    }
  const tail = new Map<string, number>();
  const visit = (step: SettledStep, open: Set<string>): number => {
    const known = tail.get(step.id);
    if (known !== undefined) return known;
    if (open.has(step.id)) throw new Error(`Steps wait for each other in a circle at ${step.id}`);
    open.add(step.id);
    let rest = 0;
    for (const follower of followers.get(step.id) ?? []) rest = Math.max(rest, visit(follower, open));
    open.delete(step.id);
    tail.set(step.id, step.handsOnMinutes + step.waitMinutes + rest);
    return tail.get(step.id)!;
  };
  for (const step of steps) visit(step, new Set());
  return tail;
}

/** What of a step begun is left at least, minutes: nobody knows better how much that is. */
const LEAST_LEFT = 5;

/** Minutes of hands that a step still wants. */
const minutesLeft = ({ handsOnMinutes }: Step, stands: StepStands | undefined): number =>
  stands ? Math.max(Math.min(LEAST_LEFT, handsOnMinutes), handsOnMinutes - stands.spentMinutes) : handsOnMinutes;

/** Which posture the shell is held in by what was done last, and until when. */
interface Held {
  posture: NonNullable<Step["posture"]>;
  until: LocalMinutes;
}

const heldBy = (steps: readonly SettledStep[], overAt: ReadonlyMap<string, LocalMinutes>, now: LocalMinutes) =>
  steps.reduce<Held | undefined>((held, { id, posture, holdsPosture }) => {
    const until = overAt.get(id) ?? 0;
    return posture && holdsPosture && until > now && (!held || held.until < until) ? { posture, until } : held;
  }, undefined);

/**
 * Lays steps on one pair of hands in their own hours: always the step that can start soonest, one that is begun before
 * others, then the most urgent first. A step that holds the shell's posture keeps steps wanting another posture waiting until
 * it has set. `after` ids that name no step are taken as done.
 * @param stands how steps stand by the log: those done are not laid, and what waits for them waits until they have set
 * @returns entries in order of start; none when the workshop has no hours at all
 */
export function schedule(
  steps: readonly SettledStep[],
  hours: Workshop["hours"],
  now: LocalMinutes,
  stands: ReadonlyMap<string, StepStands> = new Map(),
): Entry[] {
  if (!hasHours(hours)) return [];
  const ids = new Set(steps.map((s) => s.id));
  const urgency = tails(steps);
  const done = new Map<string, Pick<Entry, "readyAt">>();
  const overAt = new Map<string, LocalMinutes>();
  for (const { id } of steps) {
    const { state, readyAt } = stands.get(id) ?? {};
    if (state !== "done" || readyAt === undefined) continue;
    overAt.set(id, readyAt);
    done.set(id, { readyAt });
  }
  const isBegun = ({ step }: { step: SettledStep }) => (stands.get(step.id)?.state === "begun" ? 1 : 0);
  const left = steps
    .filter(({ id }) => !done.has(id))
    .map((step) => ({ step, waitsFor: step.after.filter((a) => ids.has(a.id)).map((a) => a.id) }))
    .sort((a, b) => isBegun(b) - isBegun(a) || urgency.get(b.step.id)! - urgency.get(a.step.id)!);
  const entries: Entry[] = [];
  let handsFree = now;
  let held = heldBy(steps, overAt, now);
  while (left.length > 0) {
    let best: { index: number; sessions: Session[] } | undefined;
    for (let index = 0; index < left.length; index++) {
      const { step, waitsFor } = left[index]!;
      if (!waitsFor.every((id) => done.has(id))) continue;
      const posture = step.posture && held && held.posture !== step.posture ? held.until : now;
      let from = Math.max(handsFree, posture);
      for (const id of waitsFor) from = Math.max(from, done.get(id)!.readyAt);
      const sessions = findHands(hours, from, minutesLeft(step, stands.get(step.id)), step.splittable);
      if (!best || sessions[0]!.from < best.sessions[0]!.from) best = { index, sessions };
    }
    // Every set of steps without a circle has one that waits for nothing left.
    const { index, sessions } = best!;
    const { step } = left.splice(index, 1)[0]!;
    const handsEndAt = sessions.at(-1)!.to;
    const entry: Entry = {
      stepId: step.id,
      sessions,
      startAt: sessions[0]!.from,
      handsEndAt,
      readyAt: handsEndAt + step.waitMinutes,
    };
    handsFree = handsEndAt;
    if (step.posture && step.holdsPosture && (!held || held.posture !== step.posture || held.until < entry.readyAt))
      held = { posture: step.posture, until: entry.readyAt };
    done.set(step.id, entry);
    entries.push(entry);
  }
  return entries;
}
