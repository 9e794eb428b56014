import { emptyLedger, type Step, type TradeLedger } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { majorUnits } from "../units/money";
import type { BuyLine } from "./buyLine";
import { linesOf } from "./lines";
import { oldCans } from "./oldCans";
import { barSnags, budgetSnags, contentSnags, priceSnags } from "./snags";
import { isUntouched, wholeLines, withBought } from "./soFar";
import type { ToBuy } from "./toBuy";

export interface BuyLedger extends TradeLedger {
  lines: BuyLine[];
  /** What was paid for what is bought already. */
  spentMinor: number;
  /** What the whole build costs beside what was on hand, bought and used or not. */
  wholeLikelyMinor: number;
  wholeSafeMinor: number;
  likelyMinor: number;
  safeMinor: number;
  unpriced: number;
}

/** The whole shopping list from the gathered ledgers. */
export function planBuying(site: Site, needs: ToBuy): BuyLedger {
  const { currency } = site.workshop;
  const lines = linesOf(site, needs, needs.supplies, needs.stock).map((line) => withBought(line, needs, site.say));
  const sumOf = (list: readonly BuyLine[], key: "likelyMinor" | "safeMinor") =>
    list.reduce((n, l) => n + (l[key] ?? 0), 0);
  const [likelyMinor, safeMinor] = [sumOf(lines, "likelyMinor"), sumOf(lines, "safeMinor")];
  const whole = isUntouched(needs) ? lines : wholeLines(site, needs);
  const [wholeLikelyMinor, wholeSafeMinor] = [sumOf(whole, "likelyMinor"), sumOf(whole, "safeMinor")];
  const unpriced = lines.filter((l) => l.likelyMinor === null).length;
  return {
    ...emptyLedger(),
    lines,
    spentMinor: needs.bought.spentMinor,
    ...{ wholeLikelyMinor, wholeSafeMinor },
    likelyMinor,
    safeMinor,
    unpriced,
    steps: [fetchStep(lines)],
    snags: [
      ...budgetSnags(site, wholeSafeMinor),
      ...priceSnags(lines),
      ...contentSnags(site, needs.supplies),
      ...barSnags(site, needs.parts),
      ...oldCans(site, needs.supplies, needs.stock, needs.now),
    ],
    figures: [
      {
        id: "buying/cost",
        label: "Cost, likely",
        value: majorUnits(wholeLikelyMinor, currency),
        high: majorUnits(wholeSafeMinor, currency),
        unit: currency,
        formula: "Σ whole packs × price; safe is enough nine times in ten (lognormal, stated ranges as 5–95 %)",
        inputs: [
          ...whole.map((l) => ({ name: l.label, value: majorUnits(l.likelyMinor ?? 0, currency), unit: currency })),
          ...(whole === lines
            ? []
            : [
                { name: "of it still to buy", value: majorUnits(likelyMinor, currency), unit: currency },
                { name: "spent, by your log", value: majorUnits(needs.bought.spentMinor, currency), unit: currency },
              ]),
        ],
      },
    ],
  };
}

function fetchStep(lines: BuyLine[]): Step {
  return {
    id: "buying/fetch",
    title: "Buy and fetch",
    detail: `${lines.length} lines on the list; the glass is ordered later, when the opening is measured.`,
    stage: "buying",
    handsOnMinutes: 90,
    waitMinutes: 0,
    after: [{ reached: "surveyed", because: "what is bought must fit what was measured" }],
    reaches: ["fetched"],
    splittable: false,
    toHand: ["shopping list"],
    cautions: [],
  };
}
