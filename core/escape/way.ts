import { factKey } from "../ledgers/facts";
import type { Fix, Stage } from "../ledgers/ledger";
import type { AirPath } from "./airPath";
import type { Way } from "./escape";
import type { Seat } from "./names";

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
  /** More that would, the simplest first, where it is pushed with so many newtons. */
  mends?: (allowedMm: number, pushN: number) => Fix[];
  /** How far it opens for each newton it is pushed with, mm. */
  mmPerN?: number;
  /** What sort of gap it is, and along which length; told by those that something can be laid along or over. */
  seat?: Seat;
  lengthMm?: number;
  /** How far something laid over it must reach the other way, mm; told where it is more than a line. */
  acrossMm?: number;
  /** In how many places the length lies, where not in one. */
  pieces?: number;
  /** What air passes of it; a vent's own air is told by the vent. */
  air?: readonly AirPath[];
  /** It leads behind something inside, not out. */
  inside?: true;
  /** It is there for air: a strip of holes, a screen. */
  vent?: true;
}

/** Told by whoever leaves a gap: the shell, its closures, its features. */
export const WAYS = factKey<PlacedWay[]>("ways");
