import type { Supply } from "../ledgers/ledger";
import { Z95 } from "../units/normal";

/** How sure a supply's need is at the book's rates: standard deviation of its logarithm, at least a tenth (source: bench). */
export const needSpread = ({ low, high }: Pick<Supply, "low" | "high">): number =>
  low > 0 && high > low ? Math.max(0.1, Math.log(high / low) / (2 * Z95)) : 0.1;
