import { factKey } from "../ledgers/facts";
import type { Fix, Stage } from "../ledgers/ledger";

/** Something made outside that goes into the shell whole. */
export interface Bulk {
  id: string;
  /** In a sentence: `the back board`. */
  words: string;
  sizesMm: readonly [number, number, number];
  stage: Stage;
  /** What it could be instead, the nearest to it first. */
  instead: readonly { sizesMm: Bulk["sizesMm"]; fix: Fix }[];
}

/** Told by whoever puts something into the shell that is not made in it. */
export const BULK = factKey<Bulk>("bulk");
