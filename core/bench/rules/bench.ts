import type { Step, Supply } from "../../ledgers/ledger";
import type { Regret } from "../../rates/schema";
import type { Site } from "../../shell/site";
import type { BoughtAndUsed } from "../bought";
import type { ClosingStands } from "../closing/standing";
import type { StepStands } from "../standing";

/** What the bench's rules judge by. */
export interface Bench {
  site: Pick<Site, "say">;
  steps: readonly Step[];
  /** At the rates everyone starts from. */
  supplies: readonly Supply[];
  stands: ReadonlyMap<string, StepStands>;
  bought: BoughtAndUsed;
  /** Materials that the design uses. */
  wanted: ReadonlySet<string>;
  closing: readonly Pick<ClosingStands, "title" | "passed">[];
  /** By the benches of other builds. */
  regrets: readonly Regret[];
}
