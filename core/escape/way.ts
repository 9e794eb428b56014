import { factKey } from "../ledgers/facts";
import type { Fix, Stage } from "../ledgers/ledger";
import type { Way } from "./escape";

/** A way out of the shell, with what is told of it. */
export interface PlacedWay {
  id: string;
  way: Way;
  /** The face it is in. */
  where: string;
  /** The stage it is settled at. */
  stage: Stage;
  /** What covers it. */
  cover: string;
  /** An opening that nothing closes yet is told as such, not as a gap. */
  standsOpen?: true;
  /** What would close it for a gap of so many millimetres. */
  mend?: (allowedMm: number) => Fix | undefined;
}

/** Told by whoever leaves a gap: the shell, its closures, its features. */
export const WAYS = factKey<PlacedWay[]>("ways");
