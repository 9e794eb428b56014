import type { SheetGroup } from "#core/cuts/sheets";
import { atMost } from "#core/units/tolerance";

/** Says what the bound proves of the answer. */
export function proofWords(group: SheetGroup): string {
  const { solution, sheets, layout, least, cost } = group;
  const noun = (n: number) => `${n} ${n === 1 ? "sheet" : "sheets"}`;
  if (solution.unplaced.length > 0)
    return group.own ? "some parts fit no pane it came with" : "some parts fit no sheet";
  if (group.own) return `from ${layout.length} of its own; nothing to buy`;
  if (sheets === 0) return "all from the rack; nothing to buy";
  if (atMost(cost, least.cost)) return `${noun(sheets)} is least, proved`;
  if (layout.length <= least.sheets) return `${noun(sheets)} is least, proved`;
  return `${noun(sheets)}; at least ${Math.max(1, least.sheets - group.offcutsUsed.length)}`;
}
