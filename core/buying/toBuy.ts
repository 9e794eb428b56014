import type { BoughtAndUsed } from "../bench/bought";
import type { SheetGroup } from "../cuts/sheets";
import type { Part, Supply } from "../ledgers/ledger";
import type { Stock } from "../stock/schema";

/** What the shopping list is made of. */
export interface ToBuy {
  parts: Part[];
  /** What steps that are still to be done need, and what all of them do. */
  supplies: Supply[];
  whole: Supply[];
  groups: SheetGroup[];
  stock: Stock;
  now: string;
  bought: BoughtAndUsed;
  /** Materials that nothing still to be done uses. */
  usedUp: ReadonlySet<string>;
}
