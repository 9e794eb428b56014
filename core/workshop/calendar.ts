import type { LocalMinutes } from "../design/localTime";
import { atMost } from "../units/tolerance";
import type { Workshop } from "./schema";

const DAY = 1440;

const clockMinutes = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

interface Week {
  /** Spans of each weekday in order, minutes of the day, Monday first. */
  days: { from: number; to: number }[][];
  longest: number;
}
const weeks = new WeakMap<Workshop["hours"], Week>();

/** The builder's week, read once. */
function weekOf(hours: Workshop["hours"]): Week {
  const known = weeks.get(hours);
  if (known) return known;
  const days = hours.map((spans) =>
    spans.map((s) => ({ from: clockMinutes(s.from), to: clockMinutes(s.to) })).sort((a, b) => a.from - b.from),
  );
  const week = { days, longest: Math.max(0, ...days.flat().map((s) => s.to - s.from)) };
  weeks.set(hours, week);
  return week;
}

/** A local day's place in the week: 1970-01-01 was a Thursday, index 0 is Monday. */
const weekday = (day: number): number => (((day + 3) % 7) + 7) % 7;

export const hasHours = (hours: Workshop["hours"]): boolean => hours.some((day) => day.length > 0);

/** Work is not begun for less than this at the end of an evening, unless it is done in it or no span is longer; minutes. */
const LEAST_SESSION = 15;

export interface Session {
  from: LocalMinutes;
  to: LocalMinutes;
}

/**
 * Finds hands for a piece of work from a time on. Work that may not be broken off gets one span long enough if the week
 * has one; otherwise it is broken off like the rest.
 * @returns the sessions, in order; one of no length for work of no length
 */
export function findHands(
  hours: Workshop["hours"],
  from: LocalMinutes,
  minutes: number,
  splittable: boolean,
): Session[] {
  const { days, longest } = weekOf(hours);
  const least = Math.min(LEAST_SESSION, longest);
  const whole = !splittable && minutes <= longest;
  const sessions: Session[] = [];
  let left = minutes;
  for (let day = Math.floor(from / DAY); day < from / DAY + 3650; day++) {
    for (const span of days[weekday(day)] ?? []) {
      const start = Math.max(day * DAY + span.from, from);
      const room = day * DAY + span.to - start;
      if (room <= 0 || (whole && room < minutes) || room < Math.min(least, left)) continue;
      const take = Math.min(room, left);
      sessions.push({ from: start, to: start + take });
      left -= take;
      if (atMost(left, 0)) return sessions;
    }
  }
  return sessions;
}
