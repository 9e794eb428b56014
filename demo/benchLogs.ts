import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { doneEvent, usesOf } from "../core/bench/done";
import { formatLocal, type LocalMinutes, parseLocal } from "../core/design/localTime";
import type { Build } from "../core/document/schema";
import type { Log } from "../core/log/schema";
import { plan } from "../core/plan";
import { ANT_YARD, HABERDASHER } from "./builds";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "./tern-street";

/** When a demo build was begun at the bench, and by whom. */
const BEGUN: Record<string, { at: string; by: string; slow: number }> = {
  [HABERDASHER]: { at: "2025-11-15T09:00", by: "Wren", slow: 1.15 },
  [ANT_YARD]: { at: "2025-09-06T09:00", by: "Wren", slow: 1.25 },
};

/** How much an evening's work differs from the last, as a factor, and how much of a material one takes. */
const SPREAD = 0.18;

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
    if (!next || next.handsEndAt > until) return all.sort((a, b) => a.at.localeCompare(b.at));
    const over = overAt.get(next.stepId);
    if (over !== undefined) {
      now = parseLocal(over) ?? now;
      continue;
    }
    const { steps, stands, supplies, startSupplies, diary } = planned;
    const of = { steps, stands, supplies, startSupplies, entries: diary.entries };
    const step = steps.find((s) => s.id === next.stepId)!;
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
