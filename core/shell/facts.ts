import { factKey } from "../ledgers/facts";
import type { Fix } from "../ledgers/ledger";

/** How far a rail over an opening comes down in years, its figure, and what would stiffen it. */
export interface RailSag {
  sagMm: number;
  figure: string;
  fixes: Fix[];
}
export const RAIL_SAG = factKey<RailSag>("railSag");
