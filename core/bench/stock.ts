import { formatLocal } from "../design/localTime";
import type { Moved, StockMover } from "../log/moves";
import type { LogEntry } from "../log/schema";
import { standing } from "../log/standing";
import type { Stock } from "../stock/schema";
import { fail, ok } from "../units/result";
import type { Bought, StepDone, Used } from "./schema";
import { stepsStanding } from "./standing";

type Row = Stock["onHand"][number];
const sameRow = (row: Row, took: { note: string; since?: string | undefined }, material: string) =>
  row.material === material && row.note === took.note && row.since === took.since;

/** Takes an amount off the shelf, the oldest rows first; answers what came off which row. */
function takeOff(rows: readonly Row[], { material, amount }: Used): { rows: Row[]; took: NonNullable<Used["took"]> } {
  let left = amount;
  const took: NonNullable<Used["took"]> = [];
  const after = [...rows];
  const order = after
    .map((row, i) => ({ row, i }))
    .filter(({ row }) => row.material === material)
    .sort((a, b) => (a.row.since ?? "").localeCompare(b.row.since ?? ""));
  for (const { row, i } of order) {
    const take = Math.min(row.amount, left);
    if (take <= 0) continue;
    took.push({ note: row.note, ...(row.since && { since: row.since }), amount: take });
    after[i] = { ...row, amount: row.amount - take };
    left -= take;
  }
  return { rows: after, took };
}

/**
 * The shelf after a step that used something of it, and the event with what came off which row, so that it can all be given
 * back. What was not on the shelf is used all the same: it was there, and nobody had said so.
 */
export function afterUse(stock: Stock, event: StepDone): { stock: Stock; event: StepDone } {
  let rows: Row[] = stock.onHand;
  const used = event.used.map(({ took: _, ...use }): Used => {
    const taken = takeOff(rows, use);
    rows = taken.rows;
    return { ...use, took: taken.took };
  });
  return used.length === 0 ? { stock, event } : { stock: { ...stock, onHand: rows }, event: { ...event, used } };
}

/** Puts back what a step had taken, each amount onto the row it came from, or as a row again where that is gone. */
function givenBack(stock: Stock, { used }: StepDone): Stock {
  let rows = stock.onHand;
  for (const { material, took = [] } of used)
    for (const { amount, ...from } of took) {
      const at = rows.findIndex((row) => sameRow(row, from, material));
      rows =
        at < 0
          ? [...rows, { material, amount, ...from }]
          : rows.map((row, i) => (i === at ? { ...row, amount: row.amount + amount } : row));
    }
  return { ...stock, onHand: rows };
}

const boughtRow = ({ material, packs }: Bought, since: string): Row => ({
  material,
  amount: packs.reduce((sum, { count, content }) => sum + count * content, 0),
  note: packs.map(({ name, count }) => `${count} × ${name}`).join(", "),
  since,
});

/**
 * The shelf after something was bought: one row more, with the month it is from.
 * @param month `2026-03`
 */
const afterBuying = (stock: Stock, event: Bought, month: string): Stock =>
  event.shelf ? { ...stock, onHand: [...stock.onHand, boughtRow(event, month)] } : stock;

/** Takes what was bought off the shelf again, as far as it is still there. */
function notBought(stock: Stock, event: Bought, month: string): Stock {
  const wanted = boughtRow(event, month);
  const at = stock.onHand.findLastIndex((row) => sameRow(row, wanted, event.material));
  if (!event.shelf || at < 0) return stock;
  const amount = Math.max(0, stock.onHand[at]!.amount - wanted.amount);
  const rows = stock.onHand.flatMap((row, i) => (i !== at ? [row] : amount > 0 ? [{ ...row, amount }] : []));
  return { ...stock, onHand: rows };
}

/**
 * The shelf after an entry of the bench, and the entry with what it took.
 * @param log the build's log before it
 */
export const benchMovesStock: StockMover = (stock, log, entry) => {
  const { event } = entry;
  if (event.kind === "step-done") {
    const was = stepsStanding([...log]).get(event.step);
    if (was?.state === "done")
      return fail(
        `“${event.title}” is done already, since ${formatLocal(was.at).replace("T", " ")}. It was not kept twice. Take that entry back first, or say that it is to be done again.`,
      );
  }
  return ok(moved(stock, log, entry));
};

function moved(stock: Stock, log: readonly LogEntry[], entry: LogEntry): Moved {
  const { event } = entry;
  switch (event.kind) {
    case "step-done": {
      const after = afterUse(stock, event);
      return { stock: after.stock, entry: { ...entry, event: after.event } };
    }
    case "bought":
      return { stock: afterBuying(stock, event, entry.at.slice(0, 7)), entry };
    case "taken-back": {
      const was = standing([...log]).find(({ id }) => id === event.entry);
      if (was?.event.kind === "step-done") return { stock: givenBack(stock, was.event), entry };
      if (was?.event.kind === "bought") return { stock: notBought(stock, was.event, was.at.slice(0, 7)), entry };
      return { stock, entry };
    }
    default:
      return { stock, entry };
  }
}
