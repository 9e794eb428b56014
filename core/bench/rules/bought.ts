import type { Snag } from "../../ledgers/ledger";
import type { Bench } from "./bench";

/** What was bought that the design no longer uses. */
export const boughtSnags = ({ bought, wanted }: Bench): Snag[] =>
  [...bought.boughtFor].flatMap(([line, [first]]): Snag[] => {
    if (!first || wanted.has(first.material)) return [];
    return [
      {
        rule: "bench/bought-for-nothing",
        subject: line,
        severity: "note",
        stage: "bench",
        title: "Bought, and no longer wanted",
        sentence: `${first.name} was bought for this build; nothing in the design uses it now.`,
        reason: "It stays on the shelf for another build, or goes back to the shop.",
      },
    ];
  });
