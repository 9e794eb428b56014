import type { Variant } from "../document/schema";
import type { Checker } from "../ledgers/checker";
import type { FactKey, Facts } from "../ledgers/facts";
import type { TradeLedger } from "../ledgers/ledger";
import type { Log } from "../log/schema";
import type { Site } from "../shell/site";
import type { StageInfo } from "./stage";

/** What a trade hears beside its site. */
export interface Told {
  facts: Facts;
  log: Log;
}

/**
 * A trade: what it decides in the design, what of the design and of others it reads, and what it makes of them. Everything
 * that knows it lives in its folder; `core/trades/list.ts` lists it. It reads no part of the variant
 * but those it says it reads, which is tested, and is planned again only when one of those, or a fact it needs, has changed.
 */
export interface Trade {
  id: string;
  /** Where what it decides is shown. */
  stage: StageInfo;
  /** Parts of the variant it reads, beside the shell as it will stand. */
  reads: readonly (keyof Variant)[];
  needs: readonly FactKey<unknown>[];
  gives: readonly FactKey<unknown>[];
  /** What cannot be planned at all; what is merely wrong is a snag. It is given the whole variant. */
  check?: (variant: Variant, checker: Checker) => void;
  plan: (site: Site, told: Told) => TradeLedger;
}
