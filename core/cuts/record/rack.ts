import type { StockMover } from "../../log/moves";
import type { LogEntry } from "../../log/schema";
import type { Stock } from "../../stock/schema";
import { fail, ok, type Result } from "../../units/result";
import { floor } from "../../units/tolerance";
import { sheetsAtSaw } from "./bench";
import { samePlace } from "./pieces";
import { type CutEvent, isCutEvent } from "./schema";

/** A name for an offcut that nothing on the rack has, and no log speaks of: `R1`, `R2`, … */
export function freeRackName(stock: Stock, log: readonly LogEntry[]): string {
  const taken = new Set([
    ...stock.offcuts.map((o) => o.id),
    ...log.flatMap(({ event }) => {
      if (event.kind === "piece-racked") return [event.offcut];
      return event.kind === "sheet-laid" && event.sheet.stock.rack ? [event.sheet.stock.id] : [];
    }),
  ]);
  let n = 1;
  while (taken.has(`R${n}`)) n++;
  return `R${n}`;
}

/** The most offcuts a rack takes: more are hardly an own rack, and each is a sheet of its own to the nesting. */
export const MOST_OFFCUTS = 300;

/**
 * The rack with more offcuts put on it by hand, each with a name of its own.
 * @param sizes of offcuts as they lie there, edges good, and how many of each
 * @param logs of all builds: what they speak of keeps its name
 * @returns the stock, or why nothing was put on it
 */
export function putOnRack(
  stock: Stock,
  sizes: readonly { material: string; widthMm: number; heightMm: number; qty: number; from: string }[],
  logs: readonly LogEntry[],
): Result<Stock> {
  const more = sizes.reduce((sum, s) => sum + s.qty, 0);
  if (stock.offcuts.length + more > MOST_OFFCUTS)
    return fail(
      `The rack takes ${MOST_OFFCUTS} offcuts; with these there would be ${stock.offcuts.length + more}. Nothing was put on it. Leave small ones out.`,
    );
  let after = stock;
  for (const { qty, material, widthMm, heightMm, from } of sizes)
    for (let n = 0; n < qty; n++) {
      const id = freeRackName(after, logs);
      after = { ...after, offcuts: [...after.offcuts, { id, material, widthMm, heightMm, from }] };
    }
  return ok(after);
}

/** Whether a sheet is at the saw. One that is only pinned is still where it was. */
const isLaid = (log: LogEntry[], id: string) => sheetsAtSaw(log).some((s) => s.id === id && !s.pinned);

/**
 * The rack after an event at the saw: an offcut put on it is there for every build, one laid up is no longer.
 * @param stock what is on the rack now
 * @param log the build's log before the event
 * @param from the build's name, for the offcut's label
 * @returns the stock, or why the event cannot be; nothing is then to be kept of it
 */
export function stockAfter(stock: Stock, log: LogEntry[], event: CutEvent, from: string): Result<Stock> {
  const without = (id: string): Stock => ({ ...stock, offcuts: stock.offcuts.filter((o) => o.id !== id) });
  const put = (id: string, material: string, widthMm: number, heightMm: number, of: string): Stock => ({
    ...stock,
    offcuts: [...stock.offcuts, { id, material, widthMm, heightMm, from: of }],
  });
  switch (event.kind) {
    case "sheet-laid": {
      const { id, stock: sheet } = event.sheet;
      if (!sheet.rack || isLaid(log, id)) return ok(stock);
      if (!stock.offcuts.some((o) => o.id === sheet.id))
        return fail(`${sheet.id} is no longer on the rack. Nothing was kept. Open the page again: it is nested again.`);
      return ok(without(sheet.id));
    }
    case "piece-racked": {
      const sheet = sheetsAtSaw(log).find((s) => s.id === event.sheet);
      const piece = sheet?.pieces.find((p) => samePlace(p, event));
      if (!sheet || !piece)
        return fail("That piece is not cut free yet. Nothing was kept. Tick off the cuts that free it first.");
      return ok(put(event.offcut, sheet.material, round(piece.w), round(piece.h), from));
    }
    case "taken-back": {
      const was = log.find((e) => e.id === event.entry)?.event;
      if (was?.kind === "piece-racked") {
        if (!stock.offcuts.some((o) => o.id === was.offcut))
          return fail(`${was.offcut} has left the rack since, and cannot be taken back. Nothing was changed.`);
        return ok(without(was.offcut));
      }
      if (was?.kind === "sheet-laid" && was.sheet.stock.rack) {
        const { stock: sheet, material } = was.sheet;
        const before = log.filter((e) => e.id !== event.entry);
        if (isLaid(before, was.sheet.id)) return ok(stock);
        return ok(put(sheet.id, material, sheet.w, sheet.h, `put back by ${from}`));
      }
      return ok(stock);
    }
    default:
      return ok(stock);
  }
}

/** The saw's part in what an entry does to the stock. */
export const cutsMoveStock: StockMover = (stock, log, entry, from) => {
  if (!isCutEvent(entry.event)) return ok({ stock, entry });
  const after = stockAfter(stock, [...log], entry.event, from);
  return after.ok ? ok({ stock: after.value, entry }) : after;
};

const round = (mm: number) => floor(mm * 10) / 10;
