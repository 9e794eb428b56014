import type { DayAnswer } from "./answer";
import type { KeptDays } from "./facts";

const BY_LIST = new WeakMap<readonly DayAnswer[], KeptDays>();
const BY_ANSWER = new WeakMap<DayAnswer, KeptDays>();

/** The very same for the same of it, so that a trade that needs it sees no change. */
function once<K extends object>(map: WeakMap<K, KeptDays>, of: K, make: () => KeptDays): KeptDays {
  const was = map.get(of);
  if (was) return was;
  const made = make();
  map.set(of, made);
  return made;
}

/** Answers by their keys. */
export const keptDays = (days: readonly DayAnswer[]): KeptDays =>
  once(BY_LIST, days, () => {
    const byKey = new Map(days.map((d) => [d.key, d]));
    return { get: (key) => byKey.get(key) };
  });

/**
 * What stands for the air of a design that a fix leads to, where the fix is not about air: a fix is proved without working
 * out its day.
 * @param kept of the design it starts from
 * @param answer its own; without one the simple balance judges both
 */
export const standingIn = (kept: KeptDays, answer: DayAnswer | undefined): KeptDays =>
  answer ? once(BY_ANSWER, answer, () => ({ get: () => undefined, standIn: answer })) : kept;
