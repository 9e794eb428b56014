import type { Snag } from "../../ledgers/ledger";
import type { Bench } from "./bench";
import { boughtSnags } from "./bought";
import { closingSnags } from "./closing";
import { doneSnags } from "./done";
import { regretSnags } from "./regrets";

/** All that the bench judges. One line each. */
const RULES: readonly ((bench: Bench) => Snag[])[] = [doneSnags, closingSnags, regretSnags, boughtSnags];

/** What the log and the design say against one another. */
export const benchSnags = (bench: Bench): Snag[] => RULES.flatMap((rule) => rule(bench));
