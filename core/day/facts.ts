import type { ClimateInput } from "../climate/format";
import { factKey } from "../ledgers/facts";
import type { DayAnswer } from "./answer";
import type { DayAsk } from "./ask";
import type { Gate } from "./gate";

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
  /** The design as nobody has measured it: what readings are fitted to. */
  designed: ClimateInput;
  key: string;
  /** Undefined while nobody has worked it out. */
  answer: DayAnswer | undefined;
  /** What the gauge's readings say of letting residents in; null where there are none to judge by. */
  gate: Gate | null;
  /** The gauge of the newest fit, where it drifts by itself. */
  drift: { place: string; rhPerWeek: number } | null;
  /** What readings were fitted to, and how many times: null while nothing was. */
  fitted: { entries: number; words: string[] } | null;
  /** What had to be taken for it that nobody has said, in words. */
  taken: string[];
}

/** Told once, of any design. */
export const DAY = factKey<DayFact>("day");
