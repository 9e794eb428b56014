import { ofKind } from "../log/ofKind";
import type { Log } from "../log/schema";
import type { PastWork } from "../rates/schema";

/**
 * What a log teaches of the builder's hand: each time a step was done its minutes, and what it used beside what was planned.
 * What nobody timed, and what had no plan, teaches nothing; nor do pieces, which are counted.
 */
export const pastWork = (log: Log): PastWork[] =>
  ofKind(log, "step-done").flatMap(({ event: { work, minutes, startMinutes, used } }): PastWork[] => [
    ...(work && minutes && startMinutes > 0
      ? [{ of: "work" as const, id: work, planned: startMinutes, actual: minutes }]
      : []),
    ...used.flatMap(({ material, amount, planned, unit }) =>
      unit !== "piece" && planned && planned > 0 && amount > 0
        ? [{ of: "material" as const, id: material, planned, actual: amount }]
        : [],
    ),
  ]);
