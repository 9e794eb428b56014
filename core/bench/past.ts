import type { Log } from "../log/schema";
import type { PastWork } from "../rates/schema";
import { stepsStanding } from "./standing";

/**
 * What a log teaches of the builder's hand: each step done with its minutes, and what it used with what was planned. Work of
 * no minutes, and what had no plan, teaches nothing.
 */
export const pastWork = (log: Log): PastWork[] =>
  [...stepsStanding(log).values()].flatMap(({ done, spentMinutes }): PastWork[] => {
    if (!done) return [];
    const minutes = done.minutes ?? spentMinutes;
    return [
      ...(done.work && minutes > 0 && done.startMinutes > 0
        ? [{ of: "work" as const, id: done.work, planned: done.startMinutes, actual: minutes }]
        : []),
      ...done.used.flatMap(({ material, amount, planned, unit }) =>
        unit !== "piece" && planned && planned > 0 && amount > 0
          ? [{ of: "material" as const, id: material, planned, actual: amount }]
          : [],
      ),
    ];
  });
