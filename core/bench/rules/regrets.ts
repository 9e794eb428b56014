import type { Snag } from "../../ledgers/ledger";
import type { Bench } from "./bench";

/** What was to be done otherwise next time, offered where this build decides it. */
export const regretSnags = ({ regrets }: Bench): Snag[] =>
  regrets.map(({ id, what, stage, build }) => ({
    rule: "bench/next-time",
    subject: id,
    severity: "note",
    stage,
    title: "Next time otherwise",
    sentence: what,
    reason: `Written down at the bench of “${build}”. Override it once it is decided here.`,
  }));
