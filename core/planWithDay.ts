import { type Nester, rememberingNester } from "./cuts/nester";
import type { DayAnswer } from "./day/answer";
import type { DayAsk } from "./day/ask";
import { DAY } from "./day/facts";
import { runDay } from "./day/run";
import { sureDraws, sureOf, sureRun } from "./day/sure";
import { type Plan, type PlanInput, plan } from "./plan";
import { planMemory } from "./trades/memory";

/** A day, and how sure it is: two seconds' work. */
function withSure(ask: DayAsk, answer: DayAnswer): DayAnswer {
  if (answer.sure && answer.sure.runs >= answer.sure.of) return answer;
  return {
    ...answer,
    sure: sureOf(
      ask,
      sureDraws(ask).map((z) => sureRun(ask, z)),
    ),
  };
}

/**
 * A plan with the day of its air worked out, where it is not kept yet: that takes half a second.
 * @param input as of `plan`; days that it keeps are not worked out again
 * @param sure how sure the day is, too
 */
export function planWithDay(input: PlanInput, nester: Nester = rememberingNester(), sure = false): Plan {
  const memory = planMemory();
  const first = plan(input, nester, true, memory);
  const day = first.facts.one(DAY);
  if (!day) return plan(input, nester, false, memory);
  const answer = day.answer ?? runDay(day.ask);
  const whole = sure ? withSure(day.ask, answer) : answer;
  const others = (input.days ?? []).filter((d) => d.key !== whole.key);
  return plan({ ...input, days: [...others, whole] }, nester, false, memory);
}
