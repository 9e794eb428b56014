import { createEvents, type EventAttributes } from "ics";
import { dueCare } from "../core/bench/care/due";
import type { Log } from "../core/log/schema";
import type { Plan } from "../core/plan";

/** Local time without a zone, as calendars call floating: the shed's own clock, wherever it is read. */
const parts = (minutes: number): [number, number, number, number, number] => {
  const d = new Date(minutes * 60_000);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate(), d.getUTCHours(), d.getUTCMinutes()];
};
const DAY = 1440;
/** When on its day something is looked at: nine in the morning. */
const AT = 9 * 60;
const stamp = (minutes: number) => new Date(minutes * 60_000).toISOString().slice(0, 19).replace(/[-:]/g, "");

/**
 * The watch list and what comes round after it as a calendar (RFC 5545): one entry each, repeated as it is asked.
 * @param inAt when residents came in, or will, in local minutes
 * @throws Error where the calendar cannot be written, which is a fault of ours
 */
export function careIcs(plan: Plan, log: Log, name: string, inAt: number): string {
  const events = dueCare(plan, log, inAt).map(({ care, check, dueAt }): EventAttributes => {
    const day = Math.floor(dueAt / DAY) * DAY;
    const until =
      care.untilDay === undefined ? "" : `;UNTIL=${stamp(Math.floor(inAt / DAY) * DAY + care.untilDay * DAY + AT)}`;
    return {
      uid: `${check.replace("/", "-")}@hornwort.local`,
      title: `${name}: ${care.title}`,
      description: care.pass,
      start: parts(day + AT),
      startInputType: "local",
      startOutputType: "local",
      duration: { minutes: 10 },
      recurrenceRule: `FREQ=DAILY;INTERVAL=${care.everyDays}${until}`,
      productId: "hornwort",
      calName: name,
    };
  });
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error("The calendar could not be written.");
  return value;
}
