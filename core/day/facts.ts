import { factKey } from "../ledgers/facts";
import type { DayAnswer } from "./answer";
import type { DayAsk } from "./ask";

/** So many draws tell how sure a day is. */
export const SURE_RUNS = 64;

/** What was worked out before, by the key of what was asked: kept beside a build, as nestings are. */
export interface KeptDays {
  get: (key: string) => DayAnswer | undefined;
  /** While a fix is proved that is not about air: the answer of the design it starts from stands for its own. */
  standIn?: DayAnswer;
}

/** Told from outside, before any trade. */
export const KEPT_DAYS = factKey<KeptDays>("keptDays");

/** The day as it is asked of a design, and what is known of it. */
export interface DayFact {
  ask: DayAsk;
  key: string;
  /** Undefined while nobody has worked it out. */
  answer: DayAnswer | undefined;
  /** What had to be taken for it that nobody has said, in words. */
  taken: string[];
}

/** Told once, of any design. */
export const DAY = factKey<DayFact>("day");
