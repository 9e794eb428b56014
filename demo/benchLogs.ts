import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { dueCare } from "../core/bench/care/due";
import { closingStands } from "../core/bench/closing/standing";
import { doneEvent, usesOf } from "../core/bench/done";
import { formatLocal, type LocalMinutes, parseLocal } from "../core/design/localTime";
import type { Build } from "../core/document/schema";
import type { Log, LogEntry } from "../core/log/schema";
import { type Plan, plan } from "../core/plan";
import { ANT_YARD, HABERDASHER } from "./builds";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "./tern-street";

/** When a demo build was begun at the bench, and by whom. */
const BEGUN: Record<string, { at: string; by: string; slow: number }> = {
  [HABERDASHER]: { at: "2025-11-15T09:00", by: "Wren", slow: 1.15 },
  [ANT_YARD]: { at: "2025-09-06T09:00", by: "Wren", slow: 1.25 },
};

/** How much an evening's work differs from the last, as a factor, and how much of a material one takes. */
const SPREAD = 0.18;

/** What was looked at since residents came in, each time it was due. */
function watched(planned: Plan, log: Log, until: LocalMinutes, by: string): LogEntry[] {
  const told: LogEntry[] = [];
  const { residentsInAt } = planned.diary;
  for (;;) {
    const [due] = residentsInAt === null ? [] : dueCare(planned, [...log, ...told], residentsInAt);
    if (!due || due.dueAt > until) return told;
    const event = { ...{ kind: "checked" as const, check: due.check, passed: true }, by, note: "" };
    told.push({ id: `care-${told.length}`, at: formatLocal(due.dueAt), event });
  }
}

/**
 * A demo build as it was worked on, evening by evening, until the demo's today: each step the diary named next, done at the
 * end of its hours, with minutes of a hand that is a little slower than the starting rates.
 * @param log what its log tells already
 */
export function demoBenchLog(design: Build, log: Log): Log {
  const begun = BEGUN[design.name];
  if (!begun) return log;
  const random = xoroshiro128plus(design.name.length);
  const draw = () => (random.next() >>> 0) / 2 ** 32;
  const about = (middle: number) => middle * Math.exp(SPREAD * 1.7 * (draw() + draw() - 1));
  const until = parseLocal(DEMO_NOW) ?? 0;
  const planAt = (at: LocalMinutes, told: Log) =>
    plan(
      {
        ...{ design, log: told, nestings: [], book: demoBook(), stock: demoStock, workshop: demoWorkshop },
        ...{ now: formatLocal(Math.ceil(at)), seed: 1 },
      },
      undefined,
      true,
    );
  // A step with a log of its own, such as the water test, is over when that says so.
  const overAt = new Map(planAt(until, log).steps.flatMap((s) => (s.overAt ? [[s.id, s.overAt] as const] : [])));
  const all = [...log];
  let now: LocalMinutes = parseLocal(begun.at) ?? 0;
  for (;;) {
    const today = formatLocal(Math.ceil(now));
    const planned = planAt(
      now,
      all.filter(({ at }) => at <= today),
    );
    const [next] = planned.diary.entries;
    if (!next || next.handsEndAt > until)
      return [...all, ...(next ? [] : watched(planned, all, until, begun.by))].sort((a, b) => a.at.localeCompare(b.at));
    const over = overAt.get(next.stepId);
    if (over !== undefined) {
      now = parseLocal(over) ?? now;
      continue;
    }
    const { steps, stands, supplies, startSupplies, diary } = planned;
    const of = { steps, stands, supplies, startSupplies, entries: diary.entries };
    const step = steps.find((s) => s.id === next.stepId)!;
    // Nobody moves in before the closing list is gone through.
    if (step.reaches?.includes("residentsIn"))
      for (const { key } of closingStands(planned, all))
        all.push({
          id: `check-${all.length}`,
          at: formatLocal(next.startAt),
          event: { kind: "checked", check: key, passed: true, by: begun.by, note: "" },
        });
    const event = doneEvent(
      step.id,
      of,
      {
        ...{ roomC: null, batch: "", passed: step.passSign ? true : null, by: begun.by, note: "" },
        minutes: Math.max(1, Math.round(about(step.handsOnMinutes * begun.slow))),
        used: usesOf(step.id, of).map((u) => ({ material: u.materialId, amount: about(u.atStart) })),
      },
      next.startAt,
    )!;
    all.push({ id: `bench-${all.length}`, at: formatLocal(next.handsEndAt), event });
    now = next.handsEndAt;
  }
}
