import type { LocalMinutes } from "../design/localTime";
import { CURE_IDS, type CureId } from "../ledgers/cures";
import type { SettledStep, Step } from "../ledgers/ledger";
import type { StepStands } from "./standing";
import { coldFactor } from "./warmth";

/** What of a plan the bench looks at. */
export interface BenchOf {
  steps: readonly SettledStep[];
  stands: ReadonlyMap<string, StepStands>;
  /** Steps still to do, in the order they are laid. */
  entries: readonly { stepId: string }[];
}

/** Something a step waits for: over, still setting until a time, or not done yet. */
export interface WaitStands {
  id: string;
  title: string;
  because: string;
  state: "over" | "setting" | "open";
  /** Since when it is over, or until when it sets. */
  at: LocalMinutes | null;
}

/** What a step waits for, and how that stands now. */
export function waitsOf(step: SettledStep, { steps, stands }: BenchOf, now: LocalMinutes): WaitStands[] {
  return step.after.map(({ id, because }): WaitStands => {
    const title = steps.find((s) => s.id === id)?.title ?? id;
    const { state, readyAt = null } = stands.get(id) ?? {};
    if (state !== "done" || readyAt === null) return { id, title, because, state: "open", at: null };
    return { id, title, because, state: readyAt <= now ? "over" : "setting", at: readyAt };
  });
}

/** The posture the shell is held in by something that still sets; undefined where nothing holds it. */
export function heldNow(
  { steps, stands }: BenchOf,
  now: LocalMinutes,
): { posture: NonNullable<Step["posture"]>; title: string; until: LocalMinutes } | undefined {
  for (const { id, posture, holdsPosture, title } of steps) {
    const until = stands.get(id)?.readyAt ?? 0;
    if (posture && holdsPosture && until > now) return { posture, title, until };
  }
  return undefined;
}

/** Steps not done that nothing keeps from being done now, in the diary's order; one that is begun comes first. */
export function stepsNow(of: BenchOf, now: LocalMinutes): SettledStep[] {
  const held = heldNow(of, now);
  const byId = new Map(of.steps.map((s) => [s.id, s]));
  const order = of.entries.flatMap(({ stepId }) => byId.get(stepId) ?? []);
  const can = order.filter(
    (step) =>
      waitsOf(step, of, now).every(({ state }) => state === "over") &&
      (!held || !step.posture || step.posture === held.posture),
  );
  const begun = ({ id }: SettledStep) => (of.stands.get(id)?.state === "begun" ? 0 : 1);
  return [...order.filter((s) => begun(s) === 0), ...can.filter((s) => begun(s) === 1)];
}

/** Steps that wait for one, each with why: what is not to be done before it has set. */
export const heldBack = (id: string, { steps, stands }: BenchOf): { title: string; because: string }[] =>
  steps.flatMap(({ title, after, id: own }) => {
    const wait = after.find((a) => a.id === id);
    return wait && stands.get(own)?.state !== "done" ? [{ title, because: wait.because }] : [];
  });

/** A clock of something that sets. */
export interface Clock {
  stepId: string;
  title: string;
  from: LocalMinutes;
  /** When what waits for it may go on, and for what that is. */
  readyAt: LocalMinutes;
  waitFor: string;
  /** The other things it may then be used for, in the order it comes to them. */
  marks: { cure: CureId; at: LocalMinutes }[];
  /** How much longer it takes in the cold; 1 mostly. */
  factor: number;
}

/** How long a clock that is over stays in sight, minutes. */
const STAYS_MINUTES = 120;

/** Clocks that run, and those that were over a short while ago, the next first. */
export function clocksOf({ steps, stands }: BenchOf, now: LocalMinutes): Clock[] {
  const clocks: Clock[] = [];
  for (const [stepId, { done, at, readyAt = at }] of stands) {
    if (!done) continue;
    const step = steps.find((s) => s.id === stepId);
    const factor = coldFactor(done.roomC);
    const marks = CURE_IDS.flatMap((cure) => {
      const minutes = step?.cures?.[cure];
      return minutes ? [{ cure, at: at + minutes * factor }] : [];
    });
    if (done.waitMinutes <= 0 || Math.max(readyAt, ...marks.map((m) => m.at)) + STAYS_MINUTES < now) continue;
    const waitFor = step?.waitFor ?? "it to set";
    clocks.push({ stepId, title: step?.title ?? done.title, from: at, readyAt, waitFor, marks, factor });
  }
  const due = ({ readyAt }: Clock) => (readyAt > now ? readyAt : Number.MAX_SAFE_INTEGER);
  return clocks.sort((a, b) => due(a) - due(b) || b.readyAt - a.readyAt);
}
