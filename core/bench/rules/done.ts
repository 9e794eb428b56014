import { amountWords } from "../../ledgers/amountWords";
import type { Snag, Step } from "../../ledgers/ledger";
import { formatMinutes } from "../../units/format";
import type { StepDone } from "../schema";
import { stepTakes, usersOf } from "../use";
import type { Bench } from "./bench";

/** How far a step's plan may move, as a share, before what was done is told to be otherwise (source: bench). */
const SLACK = 0.1;
const differs = (was: number, now: number) => Math.abs(was - now) > SLACK * Math.max(was, now, 1);

/** What is done that the design has changed under: steps that are gone, and steps that would now be others. */
export function doneSnags(bench: Bench): Snag[] {
  const { steps, stands } = bench;
  const byId = new Map(steps.map((s) => [s.id, s]));
  const users = usersOf(steps);
  return [...stands].flatMap(([id, { done }]): Snag[] => {
    if (!done) return [];
    const step = byId.get(id);
    return step ? otherwise(bench, step, done, users) : [gone(id, done)];
  });
}

const gone = (id: string, { title }: StepDone): Snag => ({
  rule: "bench/done-for-nothing",
  subject: id,
  severity: "mind",
  stage: "bench",
  title: "Done, and no longer wanted",
  sentence: `“${title}” is done; the design has no such step any more.`,
  reason:
    "What was done stays in the log. Look at what it left in the shell: a hole, a coat, a cut piece; or undo the change.",
});

/** A step that is done, where it would now take another amount of something, or other hours. */
function otherwise(
  { site, steps, supplies }: Bench,
  step: Step,
  done: StepDone,
  users: ReturnType<typeof usersOf>,
): Snag[] {
  const now = stepTakes(step, steps, supplies, supplies, users);
  const amounts = done.used.flatMap(({ material, name, planned, unit }) => {
    const use = now.find((u) => u.materialId === material);
    if (planned === null || !use || !differs(planned, use.atStart)) return [];
    const say = (amount: number) => amountWords({ unit, amount }, site.say);
    return [`${name}: it was planned with ${say(planned)}, now it is ${say(use.atStart)}`];
  });
  const startMinutes = step.startMinutes ?? step.handsOnMinutes;
  const minutes = differs(done.startMinutes, startMinutes)
    ? [`its work was ${formatMinutes(done.startMinutes)} by the plan, now it is ${formatMinutes(startMinutes)}`]
    : [];
  if (amounts.length + minutes.length === 0) return [];
  return [
    {
      rule: "bench/done-otherwise",
      subject: step.id,
      severity: "mind",
      stage: "bench",
      title: "Done, and since changed in the design",
      sentence: `“${done.title}” is done; ${[...amounts, ...minutes].join("; ")}.`,
      reason: "The design has changed since. See whether what was done is still right, or do it again.",
    },
  ];
}
