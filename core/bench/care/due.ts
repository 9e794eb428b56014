import { type LocalMinutes, parseLocal } from "../../design/localTime";
import type { Log } from "../../log/schema";
import type { CheckOf } from "../closing/list";
import { checksStanding } from "../closing/standing";
import { CARE, type Care } from "./list";

const DAY = 1440;

/** Something to look at, with when it is next due. */
export interface Due {
  care: Care;
  /** Under which the log keeps it. */
  check: string;
  dueAt: LocalMinutes;
  /** The last time it was looked at; null for not yet. */
  last: { at: LocalMinutes; passed: boolean } | null;
}

export const careKey = (id: string): string => `care/${id}`;

/**
 * What is to be looked at once residents are in, the next first. What is over after some weeks is left out then.
 * @param inAt when residents came in, or will
 */
export function dueCare(of: CheckOf, log: Log, inAt: LocalMinutes): Due[] {
  const stands = checksStanding(log);
  return CARE.filter(({ asked }) => asked(of))
    .flatMap((care): Due[] => {
      const check = careKey(care.id);
      const said = stands.get(check);
      const saidAt = said ? (parseLocal(said.at) ?? null) : null;
      const last = said && saidAt !== null ? { at: saidAt, passed: said.passed } : null;
      const dueAt = last ? last.at + care.everyDays * DAY : inAt + care.firstDay * DAY;
      const over = care.untilDay !== undefined && dueAt > inAt + care.untilDay * DAY;
      return over ? [] : [{ care, check, dueAt, last }];
    })
    .sort((a, b) => a.dueAt - b.dueAt);
}
