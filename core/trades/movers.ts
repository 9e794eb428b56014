import { benchMovesStock } from "../bench/stock";
import { cutsMoveStock } from "../cuts/record/rack";
import type { StockMover } from "../log/moves";
import { ok } from "../units/result";

/** All whose entries move what is on the rack and the shelf. One line each. */
const MOVERS: readonly StockMover[] = [cutsMoveStock, benchMovesStock];

/** What an entry does to the stock, all told. */
export const moveStock: StockMover = (stock, log, entry, from) => {
  let now = { stock, entry };
  for (const mover of MOVERS) {
    const after = mover(now.stock, log, now.entry, from);
    if (!after.ok) return after;
    now = after.value;
  }
  return ok(now);
};
