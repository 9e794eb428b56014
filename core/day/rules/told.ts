import type { Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import type { DayFact } from "../facts";
import type { Steady } from "../steady";

/** What a rule of the day judges by. */
export interface About {
  site: Site;
  day: DayFact;
  steady: Steady;
}

type Words = Pick<Snag, "severity" | "title" | "sentence" | "reason"> & Partial<Snag>;

/** A snag of the day, at the air's own stage unless it says another. */
export const toldOf = (rule: string, subject: string, words: Words): Snag => ({
  ...{ rule: `day/${rule}`, subject, stage: "air" },
  ...words,
});
