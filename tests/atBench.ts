import { doneEvent, type SaidOfStep } from "../core/bench/done";
import { parseLocal } from "../core/design/localTime";
import type { LogEntry } from "../core/log/schema";
import { type Plan, type PlanInput, plan } from "../core/plan";
import { moveStock } from "../core/trades/movers";

/** What is said of a step that went as it should. */
export const SAID: SaidOfStep = { minutes: 30, roomC: null, used: [], batch: "", passed: true, by: "", note: "" };
/** What the bench looks at of a plan. */
export const partOf = ({ steps, stands, supplies, startSupplies, diary }: Plan) => ({
  ...{ steps, stands, supplies, startSupplies },
  entries: diary.entries,
});

/** A bench with a log and a shelf: what is said on it goes through the stock, as on the server. */
export function atBench(start: PlanInput) {
  let input = start;
  let count = 0;
  const planned = () => plan(input, undefined, true);
  const say = (event: LogEntry["event"], at = input.now): string => {
    const entry: LogEntry = { id: `e${count++}`, at, event };
    const moved = moveStock(input.stock, input.log, entry, "The build");
    if (!moved.ok) throw new Error(moved.message);
    input = { ...input, stock: moved.value.stock, log: [...input.log, moved.value.entry] };
    return entry.id;
  };
  const done = (id: string, said: Partial<SaidOfStep> = {}, at = input.now) => {
    const event = doneEvent(id, partOf(planned()), { ...SAID, ...said }, parseLocal(at)!);
    if (!event) throw new Error(`no step ${id}`);
    return say(event, at);
  };
  return {
    ...{ planned, say, done },
    input: () => input,
    stock: () => input.stock,
    become: (change: (input: PlanInput) => PlanInput) => {
      input = change(input);
    },
  };
}
