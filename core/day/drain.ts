import { fillBalance } from "../ground/balance";
import { drainRoom } from "../ground/drainRoom";
import type { Site } from "../shell/site";
import type { DayAnswer } from "./answer";

type Floor = Pick<Site, "shell" | "variant" | "book">;

/** What the drainage layer holds, L. */
export const capacityL = (site: Floor): number => fillBalance(site.variant.ground, drainRoom(site)).capacityL;

/**
 * Days until water reaches the barrier: by the month as it will be, and on from there; until that is worked out by a simple
 * balance.
 * @returns null where it never does
 */
export function daysToFill(site: Floor, answer: DayAnswer | undefined): number | null {
  if (!answer) return fillBalance(site.variant.ground, drainRoom(site)).days;
  if (answer.drainFullDay !== null) return answer.drainFullDay;
  // At the pace of the last week, which no longer has the first days' drying in it.
  const week = answer.month.drainMl.slice(-8);
  const perDay = week.length > 1 ? (week.at(-1)! - week[0]!) / (week.length - 1) : 0;
  const leftMl = 1000 * capacityL(site) - (answer.month.drainMl.at(-1) ?? 0);
  return perDay > LEAST_ML_A_DAY ? answer.month.drainMl.length + leftMl / perDay : null;
}

/** What runs down by less than this fills nothing that anybody will see, mL a day. */
const LEAST_ML_A_DAY = 1;
