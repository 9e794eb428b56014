import { layUp, type SawSheet } from "../core/cuts/record/sawSheet";
import { sawOrder } from "../core/cuts/saw/sawOrder";
import type { LogEntry } from "../core/log/schema";
import { type PlanInput, plan } from "../core/plan";

/** A builder at the saw: says to the log what the page says, and looks at the plan again after each entry. */
export function atTheSaw(start: PlanInput) {
  let input = start;
  const sheets = (): SawSheet[] => plan(input).groups.flatMap((g) => g.layout);
  const say = (event: LogEntry["event"]) => {
    const id = `e${input.log.length + 1}`;
    input = { ...input, log: [...input.log, { id, at: input.now, event }] };
    return id;
  };
  const sheet = (id: string) => sheets().find((s) => s.id === id)!;
  return {
    say,
    sheet,
    sheets,
    plan: () => plan(input),
    log: () => input.log,
    become: (change: (was: PlanInput) => PlanInput) => {
      input = change(input);
    },
    /** Makes the next cuts of a sheet, all of them unless told how many; answers how many were made. */
    cut: (id: string, most = Number.POSITIVE_INFINITY): number => {
      let made = 0;
      for (; made < most; made++) {
        const now = sheet(id);
        const next = sawOrder(now).find((c) => !c.made);
        if (!next) break;
        const laid = layUp(now);
        if (!now.asLaid) say({ kind: "sheet-laid", sheet: laid });
        say({ kind: "cut-made", sheet: id, cut: now.asLaid ? next.index : laid.cuts.indexOf(next.cut) });
      }
      return made;
    },
  };
}
